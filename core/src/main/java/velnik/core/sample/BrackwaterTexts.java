package velnik.core.sample;

import java.util.Map;

/** What the pages of the boatyard say, by their titles. */
final class BrackwaterTexts {
    static final Map<String, String> BY_TITLE = Map.ofEntries(
            Map.entry("Home", """
                    The creek dries at low water and fills twice a day. In between, there is time for a paddle, a
                    repair or a slice of cake.

                    ## This week

                    - The new pontoon is open, with twelve more berths.
                    - Skiffs go out again from the first of April.
                    - The café has rhubarb.
                    """),
            Map.entry("Hire", """
                    All boats leave from the slip. We give you a buoyancy aid, a chart of the creek and the time to be
                    back, and we watch the water while you are out.

                    ## Good to know

                    1. Come half an hour before the tide you booked.
                    2. Wear shoes that may get wet.
                    3. Under twelve, go out with a grown-up.
                    """),
            Map.entry("Canoes", """
                    Stable enough for a first try, roomy enough for a picnic and a dog. On a spring tide you reach the
                    **old mill** and are back before the mud shows.

                    ## What comes with it

                    Two paddles, a buoyancy aid for each of you, a bailer, and a waterproof chart. Please read
                    [](page:safety-on-the-tide) before you come; it takes two minutes and saves an afternoon.

                    | Boat | Carries | A tide |
                    | :--- | :-----: | -----: |
                    | Open canoe | three | 38 |
                    | Long canoe | four and a dog | 44 |
                    """),
            Map.entry("Kayaks", """
                    Faster than a canoe, drier than you think. Doubles are best for two of about the same patience.

                    ## Which one

                    - **Singles** for those who have paddled before.
                    - **Doubles** for the rest, and for photographs.

                    A spray deck is yours for the asking. Children from twelve go in a double, with you behind them.
                    What it costs is under [](page:prices).
                    """),
            Map.entry("Prices", """
                    - An hour: 14
                    - A tide, about four hours: 38
                    - A day: 55

                    A deposit of 50 comes back with the boat. All of it to take along: the
                    [price list](file:price-list).

                    ## By the boat

                    | Boat | An hour | A tide | A day |
                    | :--- | ------: | -----: | ----: |
                    | [Canoe](page:canoes) | 14 | 38 | 55 |
                    | [Kayak, single](page:kayaks) | 12 | 32 | 46 |
                    | Kayak, double | 16 | 42 | 60 |
                    | Rowing skiff | 18 | 48 | 70 |

                    Members of the yard pay half from Monday to Thursday.
                    """),
            Map.entry("Safety on the tide", """
                    The ebb runs at three knots under the bridge. **Turn when the withies lean.** If you are late, stay
                    with the boat and ring us: we would rather fetch you than look for you.

                    ## Before you go

                    1. Ask us for the time of high water, and be back two hours after it.
                    2. Tell somebody ashore where you mean to turn.
                    3. Wear the buoyancy aid. It is no use in the bottom of the boat.

                    The times for this month are on the [tide card](file:tide-card), to print and put in the pocket.

                    ![](file:chart)

                    ## If the mud has you

                    Stay in the boat. The creek comes back in six hours, and we come sooner: ring
                    [01632 960 983](tel:+441632960983).

                    > The mud is softer than it looks, and deeper than you are.
                    """),
            Map.entry("Repairs", """
                    Bring the boat, or send a picture. We look at it on the hard, write down what it needs and what can
                    wait, and begin when you say so.

                    ## How it goes

                    1. **A look.** Half an hour on the hard, and nothing to pay.
                    2. **A list.** What it needs now, what can wait, and what each costs.
                    3. **The work.** Begun when you say so, and shown to you as it goes.

                    Planks and skins are under [](page:hulls), everything that turns under [](page:engines), and what
                    the wind pulls at under [](page:sails-and-rigging).
                    """),
            Map.entry("Hulls", """
                    A hull tells its story when it is dry. We give it two weeks under cover before we promise anything.

                    Wood and glass want different weather and different hands, so they have a shed each:
                    [](page:wooden-hulls) in the long one, [](page:fibreglass) in the warm one.
                    """),
            Map.entry("Electric conversion", """
                    A day boat of six metres needs about as much power as a kettle. What matters is how long you want
                    to boil it.

                    ## What is in it

                    - a motor of four to ten kilowatts, as quiet as a fridge
                    - [](page:batteries) for a tide or for a day
                    - a charger that knows when the sun is out

                    How far that takes you against the ebb, the [](page:range-calculator) says better than we can.
                    """),
            Map.entry("Slipway Café", """
                    Open from ten until the last boat is in. Dogs are welcome outside, children everywhere.

                    What the kitchen makes of the week is on the [](page:menu-of-the-week). Whole cakes are baked
                    overnight: [order one](page:cakes-to-order) by four in the afternoon.
                    """),
            Map.entry("About us", """
                    The yard was begun by two sisters and a borrowed saw. Their grandchildren run it now, with the same
                    saw.

                    Who answers the phone is under [](page:the-crew); how three sheds came through two floods is
                    [a longer story](page:a-short-history).
                    """),
            Map.entry("Find us", """
                    By car, follow the lane until it ends. By bus, get off at the church and walk ten minutes downhill.
                    By boat, come on the last two hours of the flood.

                    ## On the water

                    | Tide | What you find |
                    | :--- | :------------ |
                    | Last two hours of the flood | water to the slip |
                    | First hour of the ebb | water to the pontoon |
                    | Later | a fine view of mud |

                    Visitors tie up at the end of the pontoon and come in for a coffee.
                    """),
            Map.entry("Contact", """
                    The phone is answered from eight to five, except when we are all holding the same mast.

                    - [01632 960 983](tel:+441632960983)
                    - [yard@brackwater.example](mailto:yard@brackwater.example)
                    """),
            Map.entry("Terms of hire", """
                    You bring the boat back as you took it. We tell you beforehand when the weather says no, and then
                    you pay nothing.

                    ## In short

                    - You are eighteen, or somebody who is signs for you.
                    - The deposit comes back with the boat, less what the boat lacks.
                    - After dark we fetch you, and charge for the fetching.
                    """),
            Map.entry("Privacy", """
                    We keep your name and number until the boat is back. Nothing else, and nobody else.

                    ## What you may ask

                    What we have of you, and that we throw it away. A line to
                    [yard@brackwater.example](mailto:yard@brackwater.example) is enough.
                    """),
            Map.entry("Rowing skiffs", """
                    Clinker built, two pairs of oars and a seat for whoever talks. They go to the mill and back at the
                    speed of a conversation.

                    Each has a name and a temper. *Dunlin* is the lightest, *Godwit* the driest, *Knot* pulls to the
                    left, and *Whimbrel* is the one everybody wants.
                    """),
            Map.entry("Group bookings", """
                    From eight of you up to forty, with one of us in the safety boat.

                    ## What to tell us

                    - the day, and a second one in case of wind
                    - how many you are, and how many of you can swim
                    - whether there is to be cake

                    Write to [yard@brackwater.example](mailto:yard@brackwater.example); we answer within two days.
                    """),
            Map.entry("Wooden hulls", """
                    Larch on oak, mostly, and mostly older than the people who own it. We steam what has to bend, scarf
                    what has to be long, and put back the old fastenings where they are still good.

                    ## What it takes

                    A plank is a day. A garboard is two, and some language. A new stem is a winter.
                    """),
            Map.entry("Fibreglass", """
                    Blisters are opened, dried and filled; cracks are ground out to where they end, which is seldom
                    where they seem to.

                    Gelcoat is matched by daylight, on the boat, by two people who have to agree.
                    """),
            Map.entry("Engines", """
                    Bring it as it is. We would rather see the fault than hear about it.

                    - [](page:outboards), two to sixty horsepower
                    - [](page:inboards), overhauled on the bench
                    - [](page:electric-conversion), for those who have had enough of both
                    """),
            Map.entry("Outboards", """
                    Oil, plugs, impeller, and an hour in the tank with somebody listening. Ready the same week, except
                    in May.
                    """),
            Map.entry("Inboards", """
                    Lifted out, stripped, measured and written down. You get the old parts back in a box, so that you
                    know.
                    """),
            Map.entry("Batteries", """
                    Lithium iron phosphate for those who go far, lead for those who stay near and like it cheap. Low
                    in the boat, dry, and where you can reach them with one hand.

                    | Length of boat | For a tide | For a day |
                    | :------------- | ---------: | --------: |
                    | 4 metres | 2 kWh | 5 kWh |
                    | 6 metres | 5 kWh | 12 kWh |
                    | 8 metres | 9 kWh | 20 kWh |
                    """),
            Map.entry("Range calculator", """
                    Take the kilowatt hours you have, halve them, and divide by what the motor draws at four knots:
                    that is how long you may go before you turn. The other half brings you home against the ebb.
                    """),
            Map.entry("Winter service", """
                    Drained before the first frost, flushed with fresh water, oiled where it rusts and wrapped where it
                    is looked at. In March we take it all off again.
                    """),
            Map.entry("Sails and rigging", """
                    Splices by the piece, standing rigging by the mast, sails by the square metre. Old tan sails are
                    patched in the same tan; we keep a bolt of it.
                    """),
            Map.entry("Insurance work", """
                    Surveys with pictures, estimates with reasons, and a signature your insurer knows.
                    """),
            Map.entry("Swinging moorings", """
                    Twenty-two buoys in the pool, each on a ton of concrete that is looked at every spring by a man who
                    likes that sort of thing. The tender is on the slip; the key is in the café.
                    """),
            Map.entry("Pontoon berths", """
                    Forty fingers with water and power, and a gate with a code that changes on the first of the month.

                    | Length | A night | A season |
                    | :----- | ------: | -------: |
                    | to 6 metres | 14 | 620 |
                    | to 8 metres | 19 | 880 |
                    | to 10 metres | 25 | 1,150 |
                    """),
            Map.entry("Winter storage", """
                    From the end of October until Easter, on cradles in the yard, or afloat behind the sheds for those
                    who cannot bear to look.
                    """),
            Map.entry("Waiting list", """
                    About two years for the pontoon, one for the pool. You hear from us every January, even where the
                    news is that there is none.
                    """),
            Map.entry("Menu of the week", """
                    ## This week

                    - Pea soup, with or without
                    - Crab on toast, as long as there is crab
                    - Rhubarb and custard tart

                    Bread is from the village, coffee from further away.
                    """),
            Map.entry("Cakes to order", """
                    Told by four in the afternoon, baked overnight, collected by noon. Carrot, coffee and walnut,
                    lemon, and a chocolate one that has no flour in it.
                    """),
            Map.entry("Evening suppers", """
                    One long table, two sittings, three courses and whatever the light does. Bring something warm; the
                    water takes the heat when the sun goes.
                    """),
            Map.entry("First paddle", """
                    Three hours, eight people, two of us. You learn to get in, to go straight, to turn, and to get out
                    without anybody looking.
                    """),
            Map.entry("Reading the tide", """
                    An evening with tables, charts and a bucket. By the end you know why high water is late on the day
                    you wanted it early.
                    """),
            Map.entry("Knots in an evening", """
                    Bowline, round turn, clove hitch, sheet bend, reef, figure of eight, cleat hitch, rolling hitch.
                    And the star knot, for show.
                    """),
            Map.entry("Junior week", """
                    Five days, nine to four, packed lunch and dry clothes. Capsizing is on Tuesday.
                    """),
            Map.entry("News", """
                    What is going on at the yard, the newest first.
                    """),
            Map.entry("New pontoon open", """
                    It came up the creek in nine pieces and fitted in the tenth attempt. Twelve more berths, a tap that
                    works, and lights that come on by themselves.
                    """),
            Map.entry("Apprentice wanted", """
                    Two years, paid, beginning in September. You need good hands and an early clock. The saw and the
                    spokeshave we have.
                    """),
            Map.entry("Spring tides in March", """
                    The highest water of the year is on the twentieth, a little after noon. The lane floods for an
                    hour either side; leave the car by the church.
                    """),
            Map.entry("Varnish day", """
                    Four skiffs, eleven people, one Saturday. Bring a brush and old trousers, leave with lunch. It has
                    rained only twice in thirty years.
                    """),
            Map.entry("The crew", """
                    - **Mara** minds the yard, and everybody in it.
                    - **Jo** answers the phone and writes this.
                    - **Edda** mends wood, **Tam** mends the rest.
                    - **Pike** is the dog, and is not to be fed.
                    """),
            Map.entry("A short history", """
                    ## 1961

                    Two sisters buy a shed, a slip and a saw, for rather more than they have.

                    ## 1978

                    The first flood. The second shed is built a metre higher.

                    ## 2013

                    The second flood. The third shed is built on legs.
                    """),
            Map.entry("Summer regatta", """
                    Races for anything that floats, from noon until the water goes. Prizes for the first, the last and
                    the wettest.
                    """),
            Map.entry("Members' handbook", """
                    Codes, keys and customs. The gate closes at ten; the kettle is for everybody; whoever uses the last
                    of the varnish says so on the board.
                    """));

    private BrackwaterTexts() {}
}
