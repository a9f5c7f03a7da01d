package velnik.core.starting;

import velnik.core.site.Look;

/** For those who make and mend. */
final class Workshop {
    private Workshop() {}

    static final StartingStructure STRUCTURE =
            new StartingStructure("workshop", "Workshop", "making and mending", Look.WEIR, """
            # Home
            > What we make, what we mend, and where to find us.
            [Say in two sentences what you make and for whom. This is what a visitor reads first.]

            Bring what is broken, or tell us what you have in mind: we look at it together and say what it costs
            before we begin.

            # What we make
            > Made to order, from a drawing or from an idea.
            [Say what people order most, what it is made of, and how long it takes.]

            ## From drawing to delivery
            > How an order goes, step by step.
            1. You tell us what it is for.
            2. We measure, draw and name a price.
            3. We make it, and you may look in whenever you like.
            4. We bring it and put it up.

            ## Work we have done
            > Pieces that left the workshop lately.
            [A picture and two lines for each piece say more than a list.]

            # What we mend
            > Looked at first, and told straight whether it is worth it.
            [Say what you mend, and what you send elsewhere.]

            # Prices
            > What an hour costs, and what common jobs come to.
            | Job | Price |
            | --- | --- |
            | An hour in the workshop | [price] |
            | Looking at it | free |

            # About us
            > Who works here.
            [Say who you are, since when, and what you care about.]

            # Contact
            > Ring, write, or look in.
            [How to reach us](here:contact)

            [Write to us](here:form)

            # Privacy
            > What we keep about you, and for how long.
            We keep what you write to us as long as we need it to answer and to do the work, and give it to nobody.
            [Say who is answerable, and how to have it deleted.]
            """, """
            The workshop
              About us
              Prices
              Contact
            Small print
              Privacy
            """, "Contact");
}
