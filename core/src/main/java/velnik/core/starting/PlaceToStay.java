package velnik.core.starting;

import velnik.core.site.Look;

/** For those who have guests overnight. */
final class PlaceToStay {
    private PlaceToStay() {}

    static final StartingStructure STRUCTURE = new StartingStructure(
            "place-to-stay", "Place to stay", "guests who stay the night", Look.TOWPATH, """
            # Home
            > A bed, a breakfast, and a quiet street.
            [Say what the house is like, and what guests remember.]

            # Rooms
            > What there is, and what it costs.
            [How many rooms, and what all of them have.]

            ## Single room
            > For one, to the garden.
            [Size, bed, bath, price.]

            ## Double room
            > For two, to the water.
            [Size, beds, bath, price.]

            ## Family room
            > For four, with a door between.
            [Size, beds, bath, price.]

            # Prices
            > By season, breakfast included.
            | Room | April to October | November to March |
            | --- | --- | --- |
            | Single | [price] | [price] |
            | Double | [price] | [price] |

            # Book
            > Write to us; we answer the same day.
            Tell us when you come, when you leave, and how many you are.

            [Write to us](here:form)

            # Around here
            > What to see, where to walk, where to eat.
            [Three things within ten minutes, three for a rainy day.]

            ## Getting here
            > By train, by car, on foot.
            [The last mile is what people ask about.]

            # Good to know
            > Arriving, leaving, breakfast, dogs.
            **Arriving** from three. **Leaving** by eleven. **Breakfast** from eight to ten. [Dogs, children, bicycles.]

            # Contact
            > How to reach us, also late.
            [How to reach us](here:contact)

            # Privacy
            > What we keep about guests.
            We keep what you write to us until you have stayed, and what the law asks of us. [Say who is answerable.]
            """, """
            Your stay
              Rooms
              Prices
              Book
            Before you come
              Getting here
              Good to know
              Contact
            The house
              Privacy
            """, "Book");
}
