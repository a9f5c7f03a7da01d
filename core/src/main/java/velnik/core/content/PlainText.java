package velnik.core.content;

import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.CustomNode;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;

/** Collects the words of a text without its marks, a line for each paragraph, heading and row of a table. */
final class PlainText extends AbstractVisitor {
    private final StringBuilder words = new StringBuilder();

    String collected() {
        return words.toString().strip();
    }

    @Override
    public void visit(Text text) {
        words.append(text.getLiteral());
    }

    @Override
    public void visit(Code code) {
        words.append(code.getLiteral());
    }

    @Override
    public void visit(FencedCodeBlock code) {
        words.append(code.getLiteral()).append('\n');
    }

    @Override
    public void visit(IndentedCodeBlock code) {
        words.append(code.getLiteral()).append('\n');
    }

    @Override
    public void visit(SoftLineBreak lineBreak) {
        words.append(' ');
    }

    @Override
    public void visit(HardLineBreak lineBreak) {
        words.append('\n');
    }

    @Override
    public void visit(Paragraph paragraph) {
        visitChildren(paragraph);
        words.append('\n');
    }

    @Override
    public void visit(Heading heading) {
        visitChildren(heading);
        words.append('\n');
    }

    @Override
    public void visit(CustomNode node) {
        visitChildren(node);
        if (node instanceof TableCell) {
            words.append(' ');
        } else if (node instanceof TableRow) {
            words.append('\n');
        }
    }
}
