package velnik.server.editing;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.SortingChange;
import velnik.core.outline.Place;
import velnik.core.site.LayoutId;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.WhenClosed;

/** A change as the editor sends it. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = ChangeDto.AddPages.class, name = "addPages"),
    @JsonSubTypes.Type(value = ChangeDto.RetitlePage.class, name = "retitlePage"),
    @JsonSubTypes.Type(value = ChangeDto.SetSlug.class, name = "setSlug"),
    @JsonSubTypes.Type(value = ChangeDto.MovePages.class, name = "movePages"),
    @JsonSubTypes.Type(value = ChangeDto.SetReach.class, name = "setReach"),
    @JsonSubTypes.Type(value = ChangeDto.SetMembersOnly.class, name = "setMembersOnly"),
    @JsonSubTypes.Type(value = ChangeDto.SetLayout.class, name = "setLayout"),
    @JsonSubTypes.Type(value = ChangeDto.SetTopics.class, name = "setTopics"),
    @JsonSubTypes.Type(value = ChangeDto.SetDate.class, name = "setDate"),
    @JsonSubTypes.Type(value = ChangeDto.SetPeriods.class, name = "setPeriods"),
    @JsonSubTypes.Type(value = ChangeDto.SetWhenClosed.class, name = "setWhenClosed"),
    @JsonSubTypes.Type(value = ChangeDto.SetTimeZone.class, name = "setTimeZone"),
    @JsonSubTypes.Type(value = ChangeDto.SetLock.class, name = "setLock"),
    @JsonSubTypes.Type(value = ChangeDto.SetSearchEngines.class, name = "setSearchEngines"),
    @JsonSubTypes.Type(value = ChangeDto.RemovePages.class, name = "removePages"),
    @JsonSubTypes.Type(value = ChangeDto.SetForward.class, name = "setForward"),
    @JsonSubTypes.Type(value = ChangeDto.CopyPages.class, name = "copyPages"),
    @JsonSubTypes.Type(value = ChangeDto.SetHome.class, name = "setHome"),
    @JsonSubTypes.Type(value = ChangeDto.SetGroup.class, name = "setGroup"),
    @JsonSubTypes.Type(value = ChangeDto.Restore.class, name = "restore"),
    @JsonSubTypes.Type(value = WritingDto.SetSummary.class, name = "setSummary"),
    @JsonSubTypes.Type(value = WritingDto.SetSearchWords.class, name = "setSearchWords"),
    @JsonSubTypes.Type(value = WritingDto.SetForm.class, name = "setForm"),
    @JsonSubTypes.Type(value = WritingDto.SetText.class, name = "setText"),
    @JsonSubTypes.Type(value = FileChangeDto.SetFile.class, name = "setFile"),
    @JsonSubTypes.Type(value = FileChangeDto.RemoveFiles.class, name = "removeFiles"),
    @JsonSubTypes.Type(value = FileChangeDto.SetPicture.class, name = "setPicture"),
    @JsonSubTypes.Type(value = SiteChangeDto.AddLayout.class, name = "addLayout"),
    @JsonSubTypes.Type(value = SiteChangeDto.RenameLayout.class, name = "renameLayout"),
    @JsonSubTypes.Type(value = SiteChangeDto.RemoveLayout.class, name = "removeLayout"),
    @JsonSubTypes.Type(value = SiteChangeDto.RenameTopic.class, name = "renameTopic"),
    @JsonSubTypes.Type(value = SiteChangeDto.RemoveTopic.class, name = "removeTopic"),
    @JsonSubTypes.Type(value = SiteChangeDto.SetDetails.class, name = "setDetails"),
    @JsonSubTypes.Type(value = SiteChangeDto.AllowOrigins.class, name = "allowOrigins"),
    @JsonSubTypes.Type(value = LookChangeDto.SetLook.class, name = "setLook"),
    @JsonSubTypes.Type(value = LookChangeDto.SetToken.class, name = "setToken"),
    @JsonSubTypes.Type(value = SiteChangeDto.SetNewPages.class, name = "setNewPages"),
    @JsonSubTypes.Type(value = SiteChangeDto.SetModel.class, name = "setModel"),
    @JsonSubTypes.Type(value = MenuChangeDto.AddMenu.class, name = "addMenu"),
    @JsonSubTypes.Type(value = MenuChangeDto.RenameMenu.class, name = "renameMenu"),
    @JsonSubTypes.Type(value = MenuChangeDto.SetAside.class, name = "setAside"),
    @JsonSubTypes.Type(value = MenuChangeDto.SetJoining.class, name = "setJoining"),
    @JsonSubTypes.Type(value = MenuChangeDto.SetNewItems.class, name = "setNewItems"),
    @JsonSubTypes.Type(value = MenuChangeDto.AddItems.class, name = "addItems"),
    @JsonSubTypes.Type(value = MenuChangeDto.PlacePages.class, name = "placePages"),
    @JsonSubTypes.Type(value = MenuChangeDto.TakePagesOut.class, name = "takePagesOut"),
    @JsonSubTypes.Type(value = MenuChangeDto.MoveItems.class, name = "moveItems"),
    @JsonSubTypes.Type(value = MenuChangeDto.MoveMenus.class, name = "moveMenus"),
    @JsonSubTypes.Type(value = MenuChangeDto.RemoveMenuRows.class, name = "removeMenuRows"),
    @JsonSubTypes.Type(value = MenuChangeDto.CopyMenuRow.class, name = "copyMenuRow"),
    @JsonSubTypes.Type(value = MenuChangeDto.SetItems.class, name = "setItems"),
    @JsonSubTypes.Type(value = MenuChangeDto.SetItemKind.class, name = "setItemKind"),
    @JsonSubTypes.Type(value = MenuChangeDto.FreezeList.class, name = "freezeList"),
    @JsonSubTypes.Type(value = MenuChangeDto.DetachBranch.class, name = "detachBranch"),
    @JsonSubTypes.Type(value = MenuChangeDto.AssignMenus.class, name = "assignMenus")
})
sealed interface ChangeDto
        permits FileChangeDto,
                LookChangeDto,
                ChangeDto.AddPages,
                ChangeDto.RetitlePage,
                ChangeDto.SetSlug,
                ChangeDto.MovePages,
                ChangeDto.SetReach,
                ChangeDto.SetMembersOnly,
                ChangeDto.SetLayout,
                ChangeDto.SetTopics,
                ChangeDto.SetDate,
                ChangeDto.SetPeriods,
                ChangeDto.SetWhenClosed,
                ChangeDto.SetTimeZone,
                ChangeDto.SetLock,
                ChangeDto.SetSearchEngines,
                ChangeDto.RemovePages,
                ChangeDto.SetForward,
                ChangeDto.CopyPages,
                ChangeDto.SetHome,
                ChangeDto.SetGroup,
                ChangeDto.Restore,
                WritingDto,
                SiteChangeDto,
                MenuChangeDto {
    Change change();

    record AddPages(@NotNull List<NewPage> pages) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.AddPages(pages.stream().map(NewPage::page).toList());
        }
    }

    /** @param reach as new pages begin when left out */
    record NewPage(
            @NotNull String id,
            @NotNull PlaceDto place,
            @NotNull String title,
            @Nullable Reach reach) {
        Change.NewPage page() {
            return new Change.NewPage(
                    new PageId(id), place.place(), PageKind.PAGE, title, null, reach, false, "", null);
        }
    }

    record RetitlePage(@NotNull String page, @NotNull String title) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.RetitlePage(new PageId(page), title);
        }
    }

    /** @param slug null to follow the title again */
    record SetSlug(@NotNull String page, @Nullable String slug) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetSlug(new PageId(page), slug);
        }
    }

    record MovePages(@NotNull List<String> pages, @NotNull PlaceDto place) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.MovePages(pages.stream().map(PageId::new).toList(), place.place());
        }
    }

    record SetReach(@NotNull List<String> pages, @NotNull Reach reach) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetReach(pages.stream().map(PageId::new).toList(), reach);
        }
    }

    record SetMembersOnly(@NotNull List<String> pages, boolean membersOnly) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetMembersOnly(pages.stream().map(PageId::new).toList(), membersOnly);
        }
    }

    record SetLayout(@NotNull List<String> pages, @NotNull String layout) implements ChangeDto {
        @Override
        public Change change() {
            return new SortingChange.SetLayout(pages.stream().map(PageId::new).toList(), new LayoutId(layout));
        }
    }

    record SetTopics(
            @NotNull List<String> pages,
            @NotNull List<String> add,
            @NotNull List<String> remove) implements ChangeDto {
        @Override
        public Change change() {
            return new SortingChange.SetTopics(
                    pages.stream().map(PageId::new).toList(), new HashSet<>(add), new HashSet<>(remove));
        }
    }

    /** @param periods when the pages are there; none for always */
    record SetPeriods(@NotNull List<String> pages, @NotNull List<PeriodDto> periods) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetPeriods(
                    pages.stream().map(PageId::new).toList(),
                    periods.stream().map(PeriodDto::period).toList());
        }
    }

    record SetWhenClosed(
            @NotNull List<String> pages, @NotNull WhenClosed whenClosed) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetWhenClosed(pages.stream().map(PageId::new).toList(), whenClosed);
        }
    }

    /** @param timeZone as the tz database calls it, such as Europe/London */
    record SetTimeZone(@NotNull String timeZone) implements ChangeDto {
        @Override
        public Change change() {
            try {
                return new Change.SetTimeZone(ZoneId.of(timeZone));
            } catch (DateTimeException unknown) {
                throw new IllegalArgumentException(unknown);
            }
        }
    }

    record SetLock(@NotNull List<String> pages, boolean locked) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetLock(pages.stream().map(PageId::new).toList(), locked);
        }
    }

    record SetSearchEngines(@NotNull List<String> pages, boolean mayList) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetSearchEngines(pages.stream().map(PageId::new).toList(), mayList);
        }
    }

    /** @param date null for none */
    record SetDate(@NotNull List<String> pages, @Nullable LocalDate date) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetDate(pages.stream().map(PageId::new).toList(), date);
        }
    }

    /**
     * @param removal names it in the bin
     * @param leads where the addresses lead that visitors know; left out for the page that each was under
     */
    record RemovePages(
            @NotNull String removal,
            @NotNull List<String> pages,
            Change.@NotNull Subpages subpages,
            @Nullable @Valid LeadsDto leads)
            implements ChangeDto {
        @Override
        public Change change() {
            return new Change.RemovePages(
                    new RemovalId(removal),
                    pages.stream().map(PageId::new).toList(),
                    subpages,
                    leads == null ? new Change.Leads.ToParent() : leads.read());
        }
    }

    /** @param page for {@code PAGE} */
    record LeadsDto(@NotNull LeadsKind kind, @Nullable String page) {
        Change.Leads read() {
            return switch (kind) {
                case PARENT -> new Change.Leads.ToParent();
                case PAGE -> new Change.Leads.ToPage(new PageId(Objects.requireNonNull(page)));
                case NOWHERE -> new Change.Leads.Nowhere();
            };
        }
    }

    enum LeadsKind {
        PARENT,
        PAGE,
        NOWHERE
    }

    /** @param to null to take the forward back */
    record SetForward(
            @NotNull @Valid ForwardSourceDto from,
            @Nullable @Valid ForwardTargetDto to) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetForward(from.read(), to == null ? null : to.read());
        }
    }

    /**
     * @param titles one for each copy
     * @param items whether menus get an item for each copy after those that lead to the original
     * @param ids what the ids of the copies begin with
     */
    record CopyPages(
            @NotNull String page,

            @NotNull List<String> titles,

            boolean subpages,
            boolean content,
            boolean items,
            @NotNull String ids)
            implements ChangeDto {
        @Override
        public Change change() {
            return new Change.CopyPages(new PageId(page), titles, subpages, content, items, MenuChangeDto.stem(ids));
        }
    }

    record SetHome(@NotNull String page) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetHome(new PageId(page));
        }
    }

    /** @param group false to make them pages with content of their own again */
    record SetGroup(@NotNull List<String> pages, boolean group) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.SetGroup(pages.stream().map(PageId::new).toList(), group);
        }
    }

    record Restore(@NotNull String removal) implements ChangeDto {
        @Override
        public Change change() {
            return new Change.Restore(new RemovalId(removal));
        }
    }

    /**
     * First, or after a sibling.
     *
     * @param parent null at the top level
     * @param after null for first
     */
    record PlaceDto(@Nullable String parent, @Nullable String after) {
        Place<PageId> place() {
            return new Place<>(parent == null ? null : new PageId(parent), after == null ? null : new PageId(after));
        }
    }
}
