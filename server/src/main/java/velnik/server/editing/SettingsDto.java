package velnik.server.editing;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.explanation.Words;
import velnik.core.hours.HoursLines;
import velnik.core.html.VisitorWords;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.Look;
import velnik.core.site.NewPages;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Token;

/**
 * What holds for the whole site.
 *
 * @param timeZone where its days begin and end, as the tz database calls it
 * @param allowedOrigins of websites elsewhere that may show the menus
 * @param look that visitors see the site in
 * @param tuning what is otherwise than the look has it
 * @param layouts those that every site has, then the owner's own by name
 */
record SettingsDto(
        BusinessDto business,
        String timeZone,
        List<String> allowedOrigins,
        Look look,
        Map<Token, String> tuning,
        List<LayoutDto> layouts,
        NewPagesDto newPages) {

    static SettingsDto of(Site site) {
        return new SettingsDto(
                BusinessDto.of(site.details()),
                site.details().timeZone().getId(),
                site.details().allowedOrigins(),
                site.details().look(),
                site.details().tuning().values(),
                layouts(site),
                NewPagesDto.of(site));
    }

    /**
     * What the site says of its business; empty where it says nothing.
     *
     * @param address of the site on the web
     * @param logo names a picture among the files; null for none
     * @param language of its content, as a BCP 47 tag
     * @param postal the postal address, a line each
     * @param hours a line for days that are alike, as they are typed
     * @param hoursRead the same as visitors read them, whatever the day
     * @param position degrees north and east
     */
    record BusinessDto(
            String name,
            String address,
            @Nullable String logo,
            String language,
            String phone,
            String mail,
            String postal,
            String hours,
            List<String> hoursRead,
            String position,
            List<ChannelDto> channels) {
        static BusinessDto of(Details details) {
            Contact contact = details.contact();
            return new BusinessDto(
                    details.name(),
                    details.address(),
                    details.logo() == null ? null : details.logo().value(),
                    details.language(),
                    contact.phone(),
                    contact.mail(),
                    contact.postal(),
                    HoursLines.typed(details.hours()),
                    read(details),
                    details.position() == null ? "" : details.position().written(),
                    details.channels().stream().map(ChannelDto::of).toList());
        }

        private static List<String> read(Details details) {
            String closed = VisitorWords.in(details.language()).say("hours.closed");
            return HoursLines.of(details, null).stream()
                    .map(line -> line.written(closed))
                    .toList();
        }
    }

    /**
     * @param name as in a sentence
     * @param own whether the owner named it
     */
    record LayoutDto(String id, String name, boolean own) {}

    private static List<LayoutDto> layouts(Site site) {
        return Stream.concat(
                        LayoutId.OF_EVERY_SITE.stream(),
                        site.layouts().stream()
                                .sorted(Comparator.comparing(Layout::name, String.CASE_INSENSITIVE_ORDER))
                                .map(Layout::id))
                .map(id -> new LayoutDto(id.value(), Words.layout(site, id), !id.isOfEverySite()))
                .toList();
    }

    /**
     * How new pages begin.
     *
     * @param layout of those made from no model
     * @param model null for none
     */
    record NewPagesDto(Reach reach, String layout, @Nullable String model) {
        static NewPagesDto of(Site site) {
            NewPages begin = site.details().newPages();
            @Nullable PageId model = begin.model();
            return new NewPagesDto(
                    begin.reach(),
                    begin.layout().value(),
                    model == null || !site.pages().contains(model) ? null : model.value());
        }
    }
}
