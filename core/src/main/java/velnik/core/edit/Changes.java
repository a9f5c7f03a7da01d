package velnik.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velnik.core.bin.BringingBack;
import velnik.core.bin.Emptying;
import velnik.core.bin.Restoring;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.FileChange;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.PeriodChecks;
import velnik.core.enquiry.Forms;
import velnik.core.files.Files;
import velnik.core.forwarding.Forwards;
import velnik.core.forwarding.Taking;
import velnik.core.looks.Looks;
import velnik.core.menus.Assigning;
import velnik.core.menus.Items;
import velnik.core.menus.Joins;
import velnik.core.menus.Lists;
import velnik.core.menus.Menus;
import velnik.core.menus.PagesInMenus;
import velnik.core.menus.RemovingRows;
import velnik.core.pages.Adding;
import velnik.core.pages.Addressing;
import velnik.core.pages.Beginning;
import velnik.core.pages.BuiltInPages;
import velnik.core.pages.Business;
import velnik.core.pages.Copying;
import velnik.core.pages.Homing;
import velnik.core.pages.Layouts;
import velnik.core.pages.Models;
import velnik.core.pages.Moving;
import velnik.core.pages.Periods;
import velnik.core.pages.Reaching;
import velnik.core.pages.Removing;
import velnik.core.pages.Titling;
import velnik.core.pages.Topics;
import velnik.core.pages.Writing;
import velnik.core.site.Site;
import velnik.core.telling.Telling;

/** The one way from one version of a site to the next. */
public final class Changes {
    private Changes() {}

    /** Applies one change. Pure: {@code site} is never altered. Costs O(rows touched × (levels + siblings)). */
    public static Outcome apply(Site site, Change change, Circumstances circumstances) {
        return applyAll(site, List.of(change), circumstances);
    }

    /**
     * Applies changes one after another; the first refusal refuses them all.
     *
     * @throws IllegalArgumentException when there are none
     */
    public static Outcome applyAll(Site site, List<Change> changes, Circumstances circumstances) {
        if (changes.isEmpty()) {
            throw new IllegalArgumentException("no change to apply");
        }
        Draft draft = new Draft(site, circumstances);
        List<Telling> tellings = new ArrayList<>();
        for (Change change : changes) {
            Site before = draft.site();
            Optional<Refusal> refusal = make(draft, change);
            if (refusal.isPresent()) {
                return new Outcome.Refused(refusal.get());
            }
            if (tellings.size() < Telling.TOLD) {
                tellings.add(Telling.of(change, before, draft.site()));
            }
        }
        Joins.afterAll(draft, site, changes);
        Taking.tell(draft);
        Telling telling = Telling.together(tellings, changes.size());
        return new Outcome.Applied(
                draft.site(), telling.title(), telling.sentence(), draft.notices(), draft.remedies());
    }

    private static Optional<Refusal> make(Draft draft, Change change) {
        return switch (change) {
            case Change.BeginSite begin -> Beginning.beginSite(draft, begin);
            case Change.AddPages add -> Adding.addPages(draft, add);
            case Change.AddBuiltInPages add -> BuiltInPages.addMissing(draft);
            case Change.CopyPages copy -> Copying.copyPages(draft, copy);
            case Change.SetHome set -> Homing.setHome(draft, set);
            case Change.SetGroup set -> Homing.setGroup(draft, set);
            case Change.RetitlePage retitle -> Titling.retitlePage(draft, retitle);
            case Change.SetSummary set -> Writing.setSummary(draft, set);
            case Change.SetSearchWords set -> Writing.setSearchWords(draft, set);
            case Change.SetPageWords set -> Writing.setPageWords(draft, set);
            case Change.SetForm set -> Forms.setForm(draft, set);
            case Change.SetPicture set -> Files.setPicture(draft, set);
            case Change.SetText set -> Writing.setText(draft, set);
            case Change.SetSlug set -> Addressing.setSlug(draft, set);
            case Change.SetSlugs set -> Addressing.setSlugs(draft, set);
            case Change.MovePages move -> Moving.movePages(draft, move);
            case Change.SetReach set -> Reaching.setReach(draft, set);
            case Change.SetMembersOnly set -> Reaching.setMembersOnly(draft, set);
            case SortingChange.SetLayout set -> Layouts.setLayout(draft, set);
            case SortingChange.AddLayout add -> Layouts.addLayout(draft, add);
            case SortingChange.RenameLayout rename -> Layouts.renameLayout(draft, rename);
            case SortingChange.RemoveLayout remove -> Layouts.removeLayout(draft, remove);
            case SortingChange.RenameTopic rename -> Topics.renameTopic(draft, rename);
            case SortingChange.RemoveTopic remove -> Topics.removeTopic(draft, remove);
            case Change.SetNewPages set -> Models.setNewPages(draft, set);
            case Change.SetModel set -> Models.setModel(draft, set);
            case SortingChange.SetTopics set -> Topics.setTopics(draft, set);
            case SortingChange.SortPages sort -> Topics.sortPages(draft, sort);
            case Change.SetDate set ->
                Optional.ofNullable(set.date())
                        .flatMap(PeriodChecks::day)
                        .or(() -> Checks.each(draft, set.pages(), page -> page.withDate(set.date())));
            case Change.SetPeriods set -> Periods.setPeriods(draft, set);
            case Change.SetWhenClosed set ->
                Checks.each(draft, set.pages(), page -> page.withWhenClosed(set.whenClosed()));
            case Change.SetTimeZone set -> {
                draft.become(draft.site().withDetails(draft.site().details().withTimeZone(set.timeZone())));
                yield Optional.empty();
            }
            case Change.SetDetails set -> Business.setDetails(draft, set);
            case Change.AllowOrigins allow -> Business.allowOrigins(draft, allow);
            case Change.SetLock set -> Checks.each(draft, set.pages(), page -> page.withLocked(set.locked()));
            case Change.SetSearchEngines set ->
                Checks.each(draft, set.pages(), page -> page.withKeptFromSearchEngines(!set.mayList()));
            case Change.RemovePages remove -> Removing.removePages(draft, remove);
            case Change.SetForward set -> Forwards.setForward(draft, set);
            case Change.SetForwards set -> Forwards.setForwards(draft, set);
            case Change.BringBack back -> BringingBack.bringBack(draft, back.difference());
            case Change.BringSite bring -> BringingBack.bringBack(draft, bring.difference());
            case Change.Restore restore -> Restoring.restore(draft, restore);
            case Change.EmptyBin empty -> {
                Emptying.emptyBin(draft, empty);
                yield Optional.empty();
            }
            case FileChange.AddFile add -> Files.addFile(draft, add);
            case FileChange.SetFile set -> Files.setFile(draft, set);
            case FileChange.ReplaceFile replace -> Files.replaceFile(draft, replace);
            case FileChange.RemoveFiles remove -> Files.removeFiles(draft, remove);
            case LookChange.SetLook set -> Looks.setLook(draft, set);
            case LookChange.SetToken set -> Looks.setToken(draft, set);
            case MenuChange.AddMenu add -> Menus.addMenu(draft, add);
            case MenuChange.RenameMenu rename -> Menus.renameMenu(draft, rename);
            case MenuChange.SetAside set -> Menus.setAside(draft, set);
            case MenuChange.SetJoining set -> Joins.setJoining(draft, set);
            case MenuChange.SetNewItems set -> Items.setNewItems(draft, set);
            case MenuChange.MoveMenus move -> Menus.moveMenus(draft, move);
            case MenuChange.CopyMenuRow copy -> Menus.copyMenuRow(draft, copy);
            case MenuChange.RemoveMenuRows remove -> RemovingRows.removeMenuRows(draft, remove);
            case MenuChange.AddItems add -> Items.addItems(draft, add);
            case MenuChange.PlacePages place -> PagesInMenus.placePages(draft, place);
            case MenuChange.TakePagesOut take -> PagesInMenus.takePagesOut(draft, take);
            case MenuChange.MoveItems move -> Items.moveItems(draft, move);
            case MenuChange.SetItems set -> Items.setItems(draft, set);
            case MenuChange.SetItemKind set -> Items.setItemKind(draft, set);
            case MenuChange.FreezeList freeze -> Lists.freezeList(draft, freeze);
            case MenuChange.DetachBranch detach -> Lists.detachBranch(draft, detach);
            case MenuChange.AssignMenus assign -> Assigning.assignMenus(draft, assign);
            // no default: a new kind of change must not compile until it is handled here
        };
    }
}
