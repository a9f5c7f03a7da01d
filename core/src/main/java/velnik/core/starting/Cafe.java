package velnik.core.starting;

import velnik.core.site.Look;

/** For those who serve food and drink. */
final class Cafe {
    private Cafe() {}

    static final StartingStructure STRUCTURE =
            new StartingStructure("cafe", "Café", "food and drink at tables", Look.STAITHE, """
            # Home
            > Breakfast, lunch and cake, and a table by the window.
            [Say what the place is like, and what you are known for.]

            # What we serve
            > The card, with prices.
            [One line on where it comes from.]

            ## Breakfast
            > Until eleven, at weekends until one.
            | | |
            | --- | --- |
            | [Dish] | [price] |
            | [Dish] | [price] |

            ## Lunch
            > Two soups, one of them without meat, and what the market had.
            [Write the week's dishes here; this is the page that people look at most.]

            ## Cakes
            > Baked in the morning, mostly gone by four.
            [Name three that are always there.]

            # Book a table
            > For more than two, or for a whole evening.
            Tell us the day, the hour and how many you are. We answer the same day.

            [Write to us](here:form)

            # Celebrations
            > The room to yourselves.
            [Say how many fit in, what it costs, and what you cook for many.]

            # About us
            > Who cooks, and who brings it.
            [Say who you are, and why there is a café here.]

            # Find us
            > Where we are, and when we are open.
            [How to reach us](here:contact)

            [Say where to leave the bicycle and the car.]

            # Privacy
            > What we keep about you, and for how long.
            We keep what you write to us until your table is taken and paid, and give it to nobody. [Say who is
            answerable, and how to have it deleted.]
            """, """
            Come by
              Find us
              Book a table
              Celebrations
            About the café
              About us
              Privacy
            """, "Book a table");
}
