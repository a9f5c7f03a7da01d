package velnik.core.starting;

import velnik.core.site.Look;

/** For those who sell over a counter. */
final class Shop {
    private Shop() {}

    static final StartingStructure STRUCTURE =
            new StartingStructure("shop", "Shop", "goods over a counter", Look.TIDETABLE, """
            # Home
            > What we have, and why you will not find it elsewhere.
            [Say what you sell, and what is new this month.]

            # What we have
            > The shelves, one by one.
            [One sentence on how you choose.]

            ## New this month
            > Just unpacked.
            [Three things, with a picture each.]

            ## Gifts
            > Wrapped while you wait.
            [Name some for little money and some for more.]

            ## Vouchers
            > For those who know better what they like.
            [Say in which sums, and how long they hold.]

            # Services
            > What we do beside selling.
            [Ordering, mending, delivering: say what it costs.]

            ## Orders
            > Not on the shelf? Most things come within a week.
            Tell us what you are looking for.

            [Write to us](here:form)

            ## Returns
            > Unused, within two weeks, with the receipt.
            [Say what cannot be returned.]

            # About us
            > Who stands behind the counter.
            [Say who you are, and since when.]

            # Find us
            > Where we are, and when we are open.
            [How to reach us](here:contact)

            # Terms of sale
            > What holds when you buy from us.
            [Your terms.]

            # Privacy
            > What we keep about you, and for how long.
            We keep what you write to us until your order is done, and what the law asks of us. [Say who is answerable.]
            """, """
            The shop
              Find us
              About us
              Vouchers
            Help
              Orders
              Returns
            Small print
              Terms of sale
              Privacy
            """, "Orders");
}
