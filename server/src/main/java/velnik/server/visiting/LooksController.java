package velnik.server.visiting;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.explanation.Words;
import velnik.core.looks.Legibility;
import velnik.core.looks.OwnValues;
import velnik.core.looks.TunedSheet;
import velnik.core.site.Details;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
import velnik.core.site.TypePair;
import velnik.server.workingcopy.Computed;

/** What tuning makes of a look. */
@RestController
class LooksController {
    private static final MediaType CSS = MediaType.parseMediaType("text/css;charset=UTF-8");

    private final Computed computed;
    private final VisitorAssets assets;

    LooksController(Computed computed, VisitorAssets assets) {
        this.computed = computed;
        this.assets = assets;
    }

    /** Whatever is asked for is made; an address says all that its sheet does. */
    @GetMapping(TunedSheet.BASE + "{name}")
    ResponseEntity<String> tuned(@PathVariable String name) {
        Optional<TunedSheet> sheet = TunedSheet.at(TunedSheet.BASE + name);
        return sheet.isPresent()
                ? ResponseEntity.ok()
                        .header(HttpHeaders.CONTENT_DISPOSITION, "inline")
                        .contentType(CSS)
                        .cacheControl(StaticResources.FOR_A_YEAR)
                        .body(sheet.get().css())
                : ResponseEntity.notFound().build();
    }

    /**
     * The site in its look, tuned otherwise.
     *
     * @param tokens that can be tuned
     * @param types that can be chosen
     * @param stylesheets their addresses, in the order in which a page has them
     * @param weak what would be hard to read
     */
    record TunedDto(List<TokenDto> tokens, List<TypeDto> types, List<String> stylesheets, List<WeakDto> weak) {}

    /**
     * @param name as in "the accent"
     * @param least of a number
     * @param most of a number
     * @param own what the look has; null for what is not said in values
     */
    record TokenDto(
            Token token,
            String name,
            Token.Kind kind,
            int least,
            int most,
            @Nullable String own) {
        static TokenDto of(Look look, Token token) {
            return new TokenDto(
                    token, Words.token(token), token.kind(), token.least(), token.most(), OwnValues.of(look, token));
        }
    }

    /** @param name of its faces */
    record TypeDto(TypePair type, String name) {}

    /** @param nearest value of the token that does */
    record WeakDto(Token token, String nearest, String sentence) {}

    /**
     * @param token that is tried; none when left out
     * @param value as typed; empty for the look's own, and so is what is no value of it
     */
    @GetMapping("/-/api/looks/tried")
    TunedDto tried(
            @RequestParam(required = false) @Nullable Token token, @RequestParam(defaultValue = "") String value) {
        Details details = computed.now().state().site().details();
        Tuning kept = details.tuning();
        Tuning tuning =
                token == null ? kept : kept.with(token, token.read(value).orElse(null));
        Look look = details.look();
        return new TunedDto(
                Stream.of(Token.values()).map(each -> TokenDto.of(look, each)).toList(),
                Stream.of(TypePair.values())
                        .map(type -> new TypeDto(type, Words.type(type)))
                        .toList(),
                assets.stylesheets(details.withTuning(tuning)),
                Legibility.of(look, tuning).stream()
                        .map(weak -> new WeakDto(weak.token(), weak.nearest(), weak.sentence()))
                        .toList());
    }
}
