package velnik.core.starting;

import velnik.core.site.Look;

/** For those who see people by appointment. */
final class Practice {
    private Practice() {}

    static final StartingStructure STRUCTURE = new StartingStructure(
            "practice", "Practice", "people seen by appointment", Look.TOWPATH, """
            # Home
            > Whom we help, and how to be seen.
            [Say in two sentences whom you treat or advise, and how soon somebody can come.]

            # What we offer
            > What people come for.
            [A sentence on how you work.]

            ## First visit
            > What happens, how long it takes, and what to bring.
            [Say how long the first visit is, and which papers help.]

            ## Treatment
            > How it goes on from there.
            [Say what a course usually looks like.]

            ## Prevention
            > What is better looked after early.
            [Name two or three things.]

            # Appointments
            > By phone in the mornings, or by writing here at any time.
            [Write to us](here:form)

            Please tell us a day before if you cannot come, so that somebody else can.

            # The team
            > Who you will meet.
            [A picture, a name and a line for each.]

            # Questions
            > What we are asked most.
            **Do I need a referral?** [Answer.]

            **Is there a lift?** [Answer.]

            **What does it cost?** [Answer.]

            # Find us
            > Where we are, and when.
            [How to reach us](here:contact)

            # Privacy
            > How we keep what you tell us.
            What you write here goes to us alone. [Say how long records are kept, and who is answerable.]
            """, """
            For patients
              Appointments
              First visit
              Questions
            The practice
              The team
              Find us
              Privacy
            """, "Appointments");
}
