/** A thing that owners ask, its answer, and the control that does it. */
export type HelpTopic = {
  readonly question: string;
  readonly answer: readonly string[];
  readonly screen: string;
  /** Finds the control on that screen. */
  readonly control: string;
};

export const HELP: readonly HelpTopic[] = [
  {
    question: "How do I add a page?",
    answer: [
      "On Pages, press Add below, type a title and press Enter. Go on typing titles; Tab puts the next one under the last.",
      "A list pasted into that line becomes many pages at once; it says first what it would add.",
    ],
    screen: "/pages",
    control: "[data-action=below]",
  },
  {
    question: "How do I write on a page?",
    answer: [
      "Select the page and press Write on its card. What you type shows in the preview beside it and is saved by itself.",
      "Type [ and part of a page’s title to link to that page; the link follows it wherever it moves.",
    ],
    screen: "/pages",
    control: "[data-action=write]",
  },
  {
    question: "How do I add a picture or a file?",
    answer: [
      "While writing, press Picture, or drop it into the text. Velnik asks what it shows, for visitors who do not see it.",
      "Files lists all of them, with where each is used. A file that is replaced keeps its address.",
    ],
    screen: "/files",
    control: ".files .head button",
  },
  {
    question: "How can visitors write to us?",
    answer: [
      "Select a page and open Enquiry form on its card: visitors fill it in on that page. What they write is under More, Messages.",
    ],
    screen: "/pages",
    control: ".card summary",
  },
  {
    question: "How do I change our phone number, or the name of the site?",
    answer: ["Under More, choose The business. What you type there is shown at the foot of every page."],
    screen: "/business",
    control: "#business-phone",
  },
  {
    question: "Where do I type my opening hours?",
    answer: [
      "Under More, choose The business. Type a line for days that are alike, such as “Mon–Fri 9:00–17:30”, and days that are otherwise by their date.",
    ],
    screen: "/business",
    control: "#business-hours",
  },
  {
    question: "How do I show where else I am found?",
    answer: [
      "Under More, choose The business, and add a channel there. In a menu, type “channels” into the add line: they stand there as a row of icons.",
    ],
    screen: "/business",
    control: "[aria-label='Name of the new channel']",
  },
  {
    question: "How do I get a website in another language?",
    answer: [
      "Under More, choose The business, and there the language. Dates, buttons and notices follow; what you write is yours.",
    ],
    screen: "/business",
    control: "#business-language",
  },
  {
    question: "How do I move a page under another one?",
    answer: [
      "Drag it onto the other page, or select it and press Move in, which puts it under the page before it.",
      "Move to… finds any page by typing. Before you let go, you read which addresses change.",
    ],
    screen: "/pages",
    control: "[data-action=in]",
  },
  {
    question: "How do I put a page into a menu?",
    answer: [
      "Select the page. Its card has a button for each menu that does not show it yet: Add to Main. It goes where the page tree has it.",
      "For many pages and menus at once, use the placing sheet.",
    ],
    screen: "/pages",
    control: ".placing button",
  },
  {
    question: "How do I hide a page from the menus?",
    answer: [
      "Select it and press Hide from menus, or H. Lists, search and menus that follow the page tree no longer show it; whoever has the link can still open it.",
      "To remove it from one menu only, press Remove from that menu on its card.",
    ],
    screen: "/pages",
    control: "[aria-labelledby=reach-label]",
  },
  {
    question: "How do I keep a page to myself until it is ready?",
    answer: ["Set its reach to Held back. Nobody gets it, nor what is under it, until you set it to Open."],
    screen: "/pages",
    control: "[aria-labelledby=reach-label]",
  },
  {
    question: "How do I show a page only at some time of the year?",
    answer: [
      "On its card, under When visitors can see it, choose the days. It opens and closes by itself.",
      "The preview shows the site on any day: press As of… above it.",
    ],
    screen: "/pages",
    control: ".periods button",
  },
  {
    question: "How do I change the address of a page?",
    answer: [
      "Type another last part into Address on its card. While you type, you read which addresses change.",
      "The old address forwards to the page, for ever.",
    ],
    screen: "/pages",
    control: "#slug",
  },
  {
    question: "What happens to addresses that people already have?",
    answer: [
      "When a page moves, all addresses it had lead to it. When you remove it, you choose where they lead.",
      "Addresses shows what each address answers now and after you publish. Addresses of an older website are forwarded there too.",
    ],
    screen: "/addresses",
    control: "#forward-from",
  },
  {
    question: "How do I make several pages like one I have?",
    answer: [
      "Select it and press Copy…, or Ctrl+D. Type or paste a title for each copy, or let them count on: Week of 5 October goes on with 12 October.",
    ],
    screen: "/pages",
    control: "[role=toolbar] .more",
  },
  {
    question: "How do I keep a page to make new ones from?",
    answer: [
      "On its card, under Kind, layout, topics and date, choose Can be made from it.",
      "In the line where you add pages, press Change that: new pages can begin like that one, open or held back.",
    ],
    screen: "/pages",
    control: "#model-label",
  },
  {
    question: "How do I rename a topic, or merge two?",
    answer: [
      "On Topics and layouts, press Rename, or choose under Merge into…; its pages and lists follow, and the old listing forwards.",
    ],
    screen: "/topics",
    control: "#topics-heading",
  },
  {
    question: "How do I make a kind of page of my own?",
    answer: [
      "On Topics and layouts, press Copy… beside a layout and type a name. Give it to pages on their cards.",
      "On Zones, add an exception for pages of that layout: other menus show on all of them.",
    ],
    screen: "/topics",
    control: "#layouts-heading",
  },
  {
    question: "How do I make another page the home page?",
    answer: ["On its card, under Kind, layout, topics and date, press Make it the home page."],
    screen: "/pages",
    control: "#kind-label",
  },
  {
    question: "How do I take back a publishing?",
    answer: [
      "Under What waits, press Bring this release back beside an earlier release. Look at it in the preview, then publish again.",
    ],
    screen: "/waiting",
    control: "#before",
  },
  {
    question: "How do I rename a menu item without renaming the page?",
    answer: [
      "On Menus, select the item and press Enter, or type into Label on its card. Empty follows the page again.",
    ],
    screen: "/menus",
    control: "[data-action=label]",
  },
  {
    question: "How do I add a link to another website?",
    answer: [
      "On Menus, type it where you want it: Tide tables tides.example. Mail addresses and phone numbers work the same way.",
    ],
    screen: "/menus",
    control: ".add-teaser",
  },
  {
    question: "How do I make a new menu?",
    answer: [
      "Press New menu, type its name and press Enter; then type its items, one a line. Visitors never see the name.",
      "It shows once it has a zone: its card asks which.",
    ],
    screen: "/menus",
    control: ".desk .head button:last-of-type",
  },
  {
    question: "How do I change which menu is in the header?",
    answer: [
      "Select the menu that shall be there. Its card says what the header shows now: press Instead of that menu, or Beside it.",
    ],
    screen: "/menus",
    control: ".show-in",
  },
  {
    question: "How do I let a menu follow the page tree?",
    answer: [
      "Press Add list or block… and choose The whole page tree. New pages then come by themselves; rows can still be renamed and hidden.",
    ],
    screen: "/menus",
    control: ".actions .ant-dropdown-trigger",
  },
  {
    question: "How do I give one section a sidebar of its own?",
    answer: [
      "On Zones, choose Add an exception for… and the section, then the cell under Sidebar, and add a menu there.",
    ],
    screen: "/zones",
    control: ".new-scope .ant-select",
  },
  {
    question: "How do I hide an item for a while?",
    answer: ["Select it on Menus and press Hide. Show brings it back where it was."],
    screen: "/menus",
    control: "[data-action=hide]",
  },
  {
    question: "How do I show an item on phones only?",
    answer: ["Select it on Menus; its card says where it shows: everywhere, on wide screens or on phones."],
    screen: "/menus",
    control: "[aria-labelledby=shows]",
  },
  {
    question: "How do I show something to members only?",
    answer: [
      "On the card of the page, choose Members only. Give members their names and passwords on the screen Members.",
    ],
    screen: "/pages",
    control: "[aria-labelledby=members-label]",
  },
  {
    question: "How do I see what visitors will get?",
    answer: [
      "The preview beside the outline is the real site with your edits. Choose a width, another day, or see it as a member.",
      "As of… shows it with what is not yet open too, in dashed lines. Live shows what visitors get now.",
      "Pick on the page, then click something in it to edit it.",
    ],
    screen: "/pages",
    control: ".window-bar",
  },
  {
    question: "How do I publish?",
    answer: [
      "Every edit is saved at once, and visitors see none of it until you press Publish. What waits lists all of it first.",
    ],
    screen: "/waiting",
    control: "h2#waits",
  },
  {
    question: "How do I change the colours, the type or the spacing?",
    answer: [
      "Under Looks, press Tuning. What you move shows on the page beside it at once, in the light and the dark; colours you do not choose follow those you do.",
      "An accent in which links would be hard to read is told, with the nearest that is fine. Reset gives a value back to the look. All of it stays when you take another look.",
    ],
    screen: "/looks",
    control: ".looks .ant-segmented",
  },
  {
    question: "How do I change how my site looks?",
    answer: [
      "Under Looks your own pages are shown in all four. Choose one by its button; menus, zones and pages stay as they are, and one undo takes it back.",
      "Side by side shows any two, at three widths; a link followed in one is followed in the other.",
    ],
    screen: "/looks",
    control: ".looks .ant-segmented",
  },
  {
    question: "How do I undo a mistake?",
    answer: [
      "Press Ctrl+Z, or the arrow at the top; the small arrow beside it lists your latest edits. It works after a restart too.",
    ],
    screen: "/pages",
    control: ".top-line .latest",
  },
  {
    question: "How do I save my pages, a menu or the whole site as files?",
    answer: [
      "Under More, choose Import and export, then Export. The site as visitors get it, as a ZIP, works on any web server, and opened from a disk. The whole site as JSON can be imported again.",
      "There are tables for a spreadsheet too, and outlines and lists of the page tree and of each menu.",
      "A Markdown list of pages can be pasted on Pages again.",
    ],
    screen: "/exchange",
    control: ".exchange .ant-segmented",
  },
  {
    question: "How do I move my present site in, or read a file?",
    answer: [
      "Under More, choose Import and export, or drop the files anywhere in Velnik.",
      "For a whole site, choose its sitemap.xml together with its home page, saved from the browser.",
      "Outlines (OPML), tables (CSV), lists, web pages and a ZIP of Markdown files are read too.",
      "You see row by row what would happen, and can leave rows out. One undo takes all of it back.",
    ],
    screen: "/exchange",
    control: ".exchange .choose",
  },
  {
    question: "What if this machine breaks?",
    answer: [
      "Velnik takes a backup of everything each night. Under More, Backups: save one elsewhere now and then.",
      "On another machine, ./velnik restore puts all of it back with one command.",
    ],
    screen: "/backups",
    control: ".backups .take button",
  },
  {
    question: "How do I get back what I removed?",
    answer: ["The bin keeps what you removed for 90 days. Restore puts it back where it was."],
    screen: "/bin",
    control: "h2",
  },
];

/** Milliseconds that a screen has to come, and between two looks for the control on it. */
const PATIENCE = 30_000;
const LOOK = 100;

/**
 * Scrolls to a control and draws a frame around it, once it is on the screen, however slowly that comes. The frame stays
 * until the person presses something; who does so before it is there wants something else.
 */
export function pointAt(control: string): void {
  const acted = new AbortController();
  for (const act of ["pointerdown", "keydown"])
    addEventListener(act, () => acted.abort(), { capture: true, signal: acted.signal });
  const until = performance.now() + PATIENCE;
  const look = () => {
    const found = document.querySelector<HTMLElement>(control);
    if (acted.signal.aborted) return;
    if (!found) {
      if (performance.now() < until) setTimeout(look, LOOK);
      return;
    }
    found.closest("details")?.setAttribute("open", "");
    found.scrollIntoView({ block: "nearest" });
    found.focus({ preventScroll: true });
    found.classList.add("pointed-at");
    acted.signal.addEventListener("abort", () => found.classList.remove("pointed-at"));
  };
  look();
}
