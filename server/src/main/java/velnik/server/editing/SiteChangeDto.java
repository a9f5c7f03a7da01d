package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.SortingChange;
import velnik.core.site.LayoutId;
import velnik.core.site.NewPages;
import velnik.core.site.PageId;
import velnik.core.site.Reach;

/** A change of what the whole site has: its layouts, its topics, and how its new pages begin. */
sealed interface SiteChangeDto extends ChangeDto {

    /** @param like the layout that it begins as */
    record AddLayout(
            @NotNull String id,
            @NotNull String name,
            @NotNull String like) implements SiteChangeDto {
        @Override
        public Change change() {
            return new SortingChange.AddLayout(new LayoutId(id), name, new LayoutId(like));
        }
    }

    record RenameLayout(@NotNull String layout, @NotNull String name) implements SiteChangeDto {
        @Override
        public Change change() {
            return new SortingChange.RenameLayout(new LayoutId(layout), name);
        }
    }

    /** @param instead the layout that its pages get */
    record RemoveLayout(@NotNull String layout, @NotNull String instead) implements SiteChangeDto {
        @Override
        public Change change() {
            return new SortingChange.RemoveLayout(new LayoutId(layout), new LayoutId(instead));
        }
    }

    /** @param name one that another topic has merges the two */
    record RenameTopic(@NotNull String topic, @NotNull String name) implements SiteChangeDto {
        @Override
        public Change change() {
            return new SortingChange.RenameTopic(topic, name);
        }
    }

    record RemoveTopic(@NotNull String topic) implements SiteChangeDto {
        @Override
        public Change change() {
            return new SortingChange.RemoveTopic(topic);
        }
    }

    /** @param model the page that new ones are made from; null for none */
    record SetNewPages(
            @NotNull Reach reach,
            @NotNull String layout,
            @Nullable String model) implements SiteChangeDto {
        @Override
        public Change change() {
            return new Change.SetNewPages(
                    new NewPages(reach, new LayoutId(layout), model == null ? null : new PageId(model)));
        }
    }

    /** @param origins of websites elsewhere that may show the menus; no others may any more */
    record AllowOrigins(@NotNull List<String> origins) implements SiteChangeDto {
        @Override
        public Change change() {
            return new Change.AllowOrigins(origins);
        }
    }

    /** @param model whether the pages are offered to make new ones from */
    record SetModel(@NotNull List<String> pages, boolean model) implements SiteChangeDto {
        @Override
        public Change change() {
            return new Change.SetModel(pages.stream().map(PageId::new).toList(), model);
        }
    }

    /**
     * What is left out stays as it is.
     *
     * @param logo names a picture among the files; empty for none
     * @param hours a line for days that are alike; empty for none
     * @param position degrees north and east; empty for none
     * @param channels all of them, in their order
     */
    record SetDetails(
            @Nullable String name,
            @Nullable String address,
            @Nullable String logo,
            @Nullable String language,
            @Nullable String phone,
            @Nullable String mail,
            @Nullable String postal,
            @Nullable String hours,
            @Nullable String position,
            @Nullable List<ChannelDto> channels)
            implements SiteChangeDto {
        @Override
        public Change change() {
            return new Change.SetDetails(
                    name,
                    address,
                    logo,
                    language,
                    phone,
                    mail,
                    postal,
                    hours,
                    position,
                    channels == null
                            ? null
                            : channels.stream().map(ChannelDto::typed).toList());
        }
    }
}
