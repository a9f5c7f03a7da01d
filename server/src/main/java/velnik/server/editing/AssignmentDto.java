package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Assignment;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** Which menus stand in a zone for a scope, as the editor sends and gets it. */
public record AssignmentDto(
        @NotNull Zone zone,
        @NotNull ScopeDto scope,
        @NotNull SaysDto says) {

    public enum ScopeKind {
        EVERYWHERE,
        SECTION,
        LAYOUT,
        TOPIC,
        PAGES
    }

    /**
     * @param page of a {@code SECTION}
     * @param topic of a {@code TOPIC}: the listing of it
     * @param pages of {@code PAGES}
     */
    public record ScopeDto(
            @NotNull ScopeKind kind,
            @Nullable String page,
            @Nullable String layout,
            @Nullable String topic,
            @Nullable List<String> pages) {

        public static ScopeDto of(Scope scope) {
            return switch (scope) {
                case Scope.Everywhere all -> new ScopeDto(ScopeKind.EVERYWHERE, null, null, null, null);
                case Scope.Section(PageId page) -> new ScopeDto(ScopeKind.SECTION, page.value(), null, null, null);
                case Scope.OfLayout(LayoutId layout) ->
                    new ScopeDto(ScopeKind.LAYOUT, null, layout.value(), null, null);
                case Scope.OfTopic(String topic) -> new ScopeDto(ScopeKind.TOPIC, null, null, topic, null);
                case Scope.Pages some ->
                    new ScopeDto(
                            ScopeKind.PAGES,
                            null,
                            null,
                            null,
                            some.pages().stream().map(PageId::value).sorted().toList());
            };
        }

        Scope read() {
            return switch (kind) {
                case EVERYWHERE -> new Scope.Everywhere();
                case SECTION -> new Scope.Section(new PageId(Objects.requireNonNull(page)));
                case LAYOUT -> new Scope.OfLayout(new LayoutId(Objects.requireNonNull(layout)));
                case TOPIC -> new Scope.OfTopic(Objects.requireNonNull(topic));
                case PAGES ->
                    new Scope.Pages(Objects.requireNonNull(pages).stream()
                            .map(PageId::new)
                            .collect(Collectors.toSet()));
            };
        }
    }

    public enum SaysKind {
        /** The menus stand there instead of what the wider says; none is nothing. */
        INSTEAD,
        AROUND
    }

    public record SaysDto(
            @NotNull SaysKind kind,
            @Nullable List<PlacedDto> menus,
            @Nullable List<PlacedDto> before,
            @Nullable List<PlacedDto> after) {

        public static SaysDto of(Assignment.Says says) {
            return switch (says) {
                case Assignment.Says.Instead(List<PlacedMenu> menus) ->
                    new SaysDto(SaysKind.INSTEAD, placed(menus), null, null);
                case Assignment.Says.Around(List<PlacedMenu> before, List<PlacedMenu> after) ->
                    new SaysDto(SaysKind.AROUND, null, placed(before), placed(after));
            };
        }

        Assignment.Says read() {
            return switch (kind) {
                case INSTEAD -> new Assignment.Says.Instead(menus(menus));
                case AROUND -> new Assignment.Says.Around(menus(before), menus(after));
            };
        }

        private static List<PlacedDto> placed(List<PlacedMenu> menus) {
            return menus.stream().map(PlacedDto::of).toList();
        }

        private static List<PlacedMenu> menus(@Nullable List<PlacedDto> placed) {
            return placed == null
                    ? List.of()
                    : placed.stream().map(PlacedDto::placed).toList();
        }
    }

    /**
     * A menu where it stands. What is left out is as the zone has it.
     *
     * @param fromLevel from 1
     */
    public record PlacedDto(
            @NotNull String menu,
            Placing.@Nullable Form form,
            Placing.@Nullable Size size,
            Placing.@Nullable Alignment alignment,
            Placing.@Nullable Width width,
            Placing.@Nullable Gap gap,
            Placing.@Nullable Margin margin,
            Placing.@Nullable Overflow overflow,
            int fromLevel,
            @Nullable Integer levels,
            boolean currentBranchOnly) {

        public static PlacedDto of(PlacedMenu placed) {
            Placing placing = placed.placing();
            return new PlacedDto(
                    placed.menu().value(),
                    placing.form().orElse(null),
                    placing.size().orElse(null),
                    placing.alignment().orElse(null),
                    placing.width().orElse(null),
                    placing.gap().orElse(null),
                    placing.margin().orElse(null),
                    placing.overflow().orElse(null),
                    placing.fromLevel(),
                    placing.levels().orElse(null),
                    placing.currentBranchOnly());
        }

        PlacedMenu placed() {
            return new PlacedMenu(
                    new MenuRowId(menu),
                    new Placing(
                            Optional.ofNullable(form),
                            Optional.ofNullable(size),
                            Optional.ofNullable(alignment),
                            Optional.ofNullable(width),
                            Optional.ofNullable(gap),
                            Optional.ofNullable(margin),
                            Optional.ofNullable(overflow),
                            fromLevel,
                            Optional.ofNullable(levels),
                            currentBranchOnly));
        }
    }
}
