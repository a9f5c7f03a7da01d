package velnik.server.storage;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import tools.jackson.databind.json.JsonMapper;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.change.SortingChange;
import velnik.core.outline.RowDifference;
import velnik.core.site.Assignment;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.TextHash;

/** How each kind of value is called where it is written down; a name never changes, and is never another's. */
final class StoredNames {
    private StoredNames() {}

    static JsonMapper.Builder in(JsonMapper.Builder json) {
        return json.addMixIn(PageId.class, Word.class)
                .addMixIn(MenuRowId.class, Word.class)
                .addMixIn(RemovalId.class, Word.class)
                .addMixIn(LayoutId.class, Word.class)
                .addMixIn(TextHash.class, Word.class)
                .addMixIn(FileId.class, Word.class)
                .addMixIn(FileHash.class, Word.class)
                .addMixIn(RowDifference.class, RowDifferenceForms.class)
                .addMixIn(MenuRow.class, MenuRowForms.class)
                .addMixIn(Joining.From.class, JoiningForms.class)
                .addMixIn(ItemKind.class, ItemKindForms.class)
                .addMixIn(ListSource.class, ListSourceForms.class)
                .addMixIn(Period.class, PeriodForms.class)
                .addMixIn(Scope.class, ScopeForms.class)
                .addMixIn(Assignment.Says.class, SaysForms.class)
                .addMixIn(Forward.Source.class, SourceForms.class)
                .addMixIn(Forward.Target.class, TargetForms.class)
                .addMixIn(Change.Leads.class, LeadsForms.class)
                .addMixIn(Change.class, ChangeForms.class);
    }

    /** A value that is written as the word it holds. */
    private abstract static class Word {
        @JsonCreator
        @SuppressWarnings("UnusedVariable") // a mix-in only lends its annotations
        Word(String value) {}

        @JsonValue
        abstract String value();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = RowDifference.Added.class, name = "added"),
        @JsonSubTypes.Type(value = RowDifference.Removed.class, name = "removed"),
        @JsonSubTypes.Type(value = RowDifference.Moved.class, name = "moved"),
        @JsonSubTypes.Type(value = RowDifference.Altered.class, name = "altered")
    })
    private interface RowDifferenceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = MenuRow.Menu.class, name = "menu"),
        @JsonSubTypes.Type(value = MenuRow.Item.class, name = "item")
    })
    private interface MenuRowForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Joining.From.Nowhere.class, name = "nowhere"),
        @JsonSubTypes.Type(value = Joining.From.TopLevel.class, name = "topLevel"),
        @JsonSubTypes.Type(value = Joining.From.Section.class, name = "section"),
        @JsonSubTypes.Type(value = Joining.From.Everywhere.class, name = "everywhere")
    })
    private interface JoiningForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ItemKind.ToPage.class, name = "page"),
        @JsonSubTypes.Type(value = ItemKind.ToPlace.class, name = "place"),
        @JsonSubTypes.Type(value = ItemKind.WebLink.class, name = "webLink"),
        @JsonSubTypes.Type(value = ItemKind.Mail.class, name = "mail"),
        @JsonSubTypes.Type(value = ItemKind.Phone.class, name = "phone"),
        @JsonSubTypes.Type(value = ItemKind.ToFile.class, name = "file"),
        @JsonSubTypes.Type(value = ItemKind.OfBusiness.class, name = "ofBusiness"),
        @JsonSubTypes.Type(value = ItemKind.Channels.class, name = "channels"),
        @JsonSubTypes.Type(value = ItemKind.Heading.class, name = "heading"),
        @JsonSubTypes.Type(value = ItemKind.Text.class, name = "text"),
        @JsonSubTypes.Type(value = ItemKind.Block.Words.class, name = "words"),
        @JsonSubTypes.Type(value = ItemKind.Block.Picture.class, name = "picture"),
        @JsonSubTypes.Type(value = ItemKind.Block.SearchField.class, name = "searchField"),
        @JsonSubTypes.Type(value = ItemKind.Block.ContactCard.class, name = "contactCard"),
        @JsonSubTypes.Type(value = ItemKind.Block.FormOf.class, name = "formOf"),
        @JsonSubTypes.Type(value = ItemKind.Block.SummaryOf.class, name = "summaryOf"),
        @JsonSubTypes.Type(value = ItemKind.Block.PositionMap.class, name = "positionMap"),
        @JsonSubTypes.Type(value = ItemKind.OtherMenu.class, name = "otherMenu"),
        @JsonSubTypes.Type(value = ItemKind.PageList.class, name = "list")
    })
    private interface ItemKindForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ListSource.WholeTree.class, name = "wholeTree"),
        @JsonSubTypes.Type(value = ListSource.Under.class, name = "under"),
        @JsonSubTypes.Type(value = ListSource.UnderVisited.class, name = "underVisited"),
        @JsonSubTypes.Type(value = ListSource.OfTopic.class, name = "ofTopic"),
        @JsonSubTypes.Type(value = ListSource.Newest.class, name = "newest")
    })
    private interface ListSourceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Period.Once.class, name = "once"),
        @JsonSubTypes.Type(value = Period.Yearly.class, name = "yearly")
    })
    private interface PeriodForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Scope.Everywhere.class, name = "everywhere"),
        @JsonSubTypes.Type(value = Scope.Section.class, name = "section"),
        @JsonSubTypes.Type(value = Scope.OfLayout.class, name = "layout"),
        @JsonSubTypes.Type(value = Scope.OfTopic.class, name = "topic"),
        @JsonSubTypes.Type(value = Scope.Pages.class, name = "pages")
    })
    private interface ScopeForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Assignment.Says.Instead.class, name = "instead"),
        @JsonSubTypes.Type(value = Assignment.Says.Around.class, name = "around")
    })
    private interface SaysForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Forward.Source.At.class, name = "at"),
        @JsonSubTypes.Type(value = Forward.Source.Beneath.class, name = "beneath"),
        @JsonSubTypes.Type(value = Forward.Source.OfRemoved.class, name = "ofRemoved"),
        @JsonSubTypes.Type(value = Forward.Source.OfTopic.class, name = "ofTopic")
    })
    private interface SourceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Forward.Target.ToPage.class, name = "page"),
        @JsonSubTypes.Type(value = Forward.Target.ToTopic.class, name = "topic"),
        @JsonSubTypes.Type(value = Forward.Target.Outside.class, name = "outside"),
        @JsonSubTypes.Type(value = Forward.Target.Gone.class, name = "gone")
    })
    private interface TargetForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Change.Leads.ToParent.class, name = "toParent"),
        @JsonSubTypes.Type(value = Change.Leads.ToPage.class, name = "toPage"),
        @JsonSubTypes.Type(value = Change.Leads.Nowhere.class, name = "nowhere")
    })
    private interface LeadsForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Change.BeginSite.class, name = "beginSite"),
        @JsonSubTypes.Type(value = Change.AddPages.class, name = "addPages"),
        @JsonSubTypes.Type(value = Change.RetitlePage.class, name = "retitlePage"),
        @JsonSubTypes.Type(value = Change.SetSlug.class, name = "setSlug"),
        @JsonSubTypes.Type(value = Change.SetSlugs.class, name = "setSlugs"),
        @JsonSubTypes.Type(value = Change.SetSummary.class, name = "setSummary"),
        @JsonSubTypes.Type(value = Change.SetSearchWords.class, name = "setSearchWords"),
        @JsonSubTypes.Type(value = Change.SetPageWords.class, name = "setPageWords"),
        @JsonSubTypes.Type(value = Change.SetText.class, name = "setText"),
        @JsonSubTypes.Type(value = Change.SetForm.class, name = "setForm"),
        @JsonSubTypes.Type(value = Change.SetPicture.class, name = "setPicture"),
        @JsonSubTypes.Type(value = FileChange.AddFile.class, name = "addFile"),
        @JsonSubTypes.Type(value = FileChange.SetFile.class, name = "setFile"),
        @JsonSubTypes.Type(value = FileChange.ReplaceFile.class, name = "replaceFile"),
        @JsonSubTypes.Type(value = FileChange.RemoveFiles.class, name = "removeFiles"),
        @JsonSubTypes.Type(value = Change.MovePages.class, name = "movePages"),
        @JsonSubTypes.Type(value = Change.SetReach.class, name = "setReach"),
        @JsonSubTypes.Type(value = Change.SetMembersOnly.class, name = "setMembersOnly"),
        @JsonSubTypes.Type(value = SortingChange.SetLayout.class, name = "setLayout"),
        @JsonSubTypes.Type(value = SortingChange.AddLayout.class, name = "addLayout"),
        @JsonSubTypes.Type(value = SortingChange.RenameLayout.class, name = "renameLayout"),
        @JsonSubTypes.Type(value = SortingChange.RemoveLayout.class, name = "removeLayout"),
        @JsonSubTypes.Type(value = SortingChange.SetTopics.class, name = "setTopics"),
        @JsonSubTypes.Type(value = SortingChange.SortPages.class, name = "sortPages"),
        @JsonSubTypes.Type(value = SortingChange.RenameTopic.class, name = "renameTopic"),
        @JsonSubTypes.Type(value = SortingChange.RemoveTopic.class, name = "removeTopic"),
        @JsonSubTypes.Type(value = Change.SetDate.class, name = "setDate"),
        @JsonSubTypes.Type(value = Change.SetPeriods.class, name = "setPeriods"),
        @JsonSubTypes.Type(value = Change.SetWhenClosed.class, name = "setWhenClosed"),
        @JsonSubTypes.Type(value = Change.SetTimeZone.class, name = "setTimeZone"),
        @JsonSubTypes.Type(value = Change.SetDetails.class, name = "setDetails"),
        @JsonSubTypes.Type(value = Change.SetNewPages.class, name = "setNewPages"),
        @JsonSubTypes.Type(value = Change.SetModel.class, name = "setModel"),
        @JsonSubTypes.Type(value = Change.SetLock.class, name = "setLock"),
        @JsonSubTypes.Type(value = Change.SetSearchEngines.class, name = "setSearchEngines"),
        @JsonSubTypes.Type(value = Change.AddBuiltInPages.class, name = "addBuiltInPages"),
        @JsonSubTypes.Type(value = Change.RemovePages.class, name = "removePages"),
        @JsonSubTypes.Type(value = Change.SetForward.class, name = "setForward"),
        @JsonSubTypes.Type(value = Change.AllowOrigins.class, name = "allowOrigins"),
        @JsonSubTypes.Type(value = LookChange.SetLook.class, name = "setLook"),
        @JsonSubTypes.Type(value = LookChange.SetToken.class, name = "setToken"),
        @JsonSubTypes.Type(value = Change.SetForwards.class, name = "setForwards"),
        @JsonSubTypes.Type(value = Change.BringBack.class, name = "bringBack"),
        @JsonSubTypes.Type(value = Change.BringSite.class, name = "bringSite"),
        @JsonSubTypes.Type(value = Change.CopyPages.class, name = "copyPages"),
        @JsonSubTypes.Type(value = Change.SetHome.class, name = "setHome"),
        @JsonSubTypes.Type(value = Change.SetGroup.class, name = "setGroup"),
        @JsonSubTypes.Type(value = Change.Restore.class, name = "restore"),
        @JsonSubTypes.Type(value = Change.EmptyBin.class, name = "emptyBin"),
        @JsonSubTypes.Type(value = MenuChange.AddMenu.class, name = "addMenu"),
        @JsonSubTypes.Type(value = MenuChange.RenameMenu.class, name = "renameMenu"),
        @JsonSubTypes.Type(value = MenuChange.SetAside.class, name = "setAside"),
        @JsonSubTypes.Type(value = MenuChange.SetJoining.class, name = "setJoining"),
        @JsonSubTypes.Type(value = MenuChange.SetNewItems.class, name = "setNewItems"),
        @JsonSubTypes.Type(value = MenuChange.AddItems.class, name = "addItems"),
        @JsonSubTypes.Type(value = MenuChange.PlacePages.class, name = "placePages"),
        @JsonSubTypes.Type(value = MenuChange.TakePagesOut.class, name = "takePagesOut"),
        @JsonSubTypes.Type(value = MenuChange.MoveItems.class, name = "moveItems"),
        @JsonSubTypes.Type(value = MenuChange.MoveMenus.class, name = "moveMenus"),
        @JsonSubTypes.Type(value = MenuChange.RemoveMenuRows.class, name = "removeMenuRows"),
        @JsonSubTypes.Type(value = MenuChange.CopyMenuRow.class, name = "copyMenuRow"),
        @JsonSubTypes.Type(value = MenuChange.SetItems.class, name = "setItems"),
        @JsonSubTypes.Type(value = MenuChange.SetItemKind.class, name = "setItemKind"),
        @JsonSubTypes.Type(value = MenuChange.FreezeList.class, name = "freezeList"),
        @JsonSubTypes.Type(value = MenuChange.DetachBranch.class, name = "detachBranch"),
        @JsonSubTypes.Type(value = MenuChange.AssignMenus.class, name = "assignMenus")
    })
    private interface ChangeForms {}
}
