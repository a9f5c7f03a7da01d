package velnik.core.starting;

import velnik.core.site.Look;

/** For those who do something together. */
final class Club {
    private Club() {}

    static final StartingStructure STRUCTURE =
            new StartingStructure("club", "Club", "people who do something together", Look.WEIR, """
            # Home
            > What we do together, and when to come along.
            [Say what the club does, for whom, and that guests are welcome.]

            # What is on
            > Regular evenings, and what comes next.
            | When | What |
            | --- | --- |
            | [Tuesdays at seven] | [what] |

            ## News
            > What happened lately.
            [New pages under this one are shown here by themselves.]

            # Join us
            > Come three times, then decide.
            Write to us, and somebody will meet you at the door the first time.

            [Write to us](here:form)

            ## What it costs
            > Fees for a year, and for those who have less.
            | Member | Year |
            | --- | --- |
            | Grown up | [fee] |
            | Under eighteen | [fee] |

            # The club
            > Since when, and who looks after it.
            [A short history.]

            ## Committee
            > Who does what.
            [Name and task, a line each.]

            ## Rules
            > What we have agreed on.
            [The statutes, or a file with them.]

            # Find us
            > Where we meet.
            [How to reach us](here:contact)

            # Privacy
            > What we keep about members and guests.
            We keep what you write until it is answered, and members' addresses as long as they are members. [Say who is
            answerable.]
            """, """
            Come along
              What is on
              Join us
              Find us
            About the club
              The club
              Committee
              Rules
              Privacy
            """, "Join us");
}
