using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>A tier that is written on its own sheet runs exactly what was written there.</summary>
public sealed class EditedTierTests
{
    private static readonly Brief Base = Sample.Simple() with
    {
        Rules = [Rule("stands"), Rule("alone")],
        Materials = [Material("tape"), Material("straws")],
        Timing = new() { Phases = [Phase("build", PhaseKind.Build), Phase("test", PhaseKind.Test)] },
        Tiers = [new() { Id = "old", Name = "Grades 6 to 8" }],
    };

    [Fact]
    public void Anything_that_is_written_for_a_tier_lies_over_the_brief_again()
    {
        var all = (
            from pattern in PatternInfo.All
            from band in GradeBands.All
            select Patterns.Begin(pattern.Pattern, band, UnitSystem.Customary)
        ).ToList();
        foreach (var (edited, n) in all.Select((b, n) => (b, n)))
        {
            // As different from each other as two briefs can be.
            var brief = all[(n * 7 + 3) % all.Count] with { Tiers = Base.Tiers };
            Laid(brief, edited).ShouldBe(Json.Write(edited), $"{edited.Pattern} over {brief.Pattern}");
        }
    }

    [Fact]
    public void A_tier_has_something_in_place_of_something_else()
    {
        var edited = Base with { Materials = [Material("sweets"), Material("straws")], Tiers = [] };
        Laid(Base, edited).ShouldBe(Json.Write(edited with { Materials = [Material("sweets"), Material("straws")] }));
        var tier = EditedTier.Of(Base, Base.Tiers[0], edited);
        tier.Overrides.Select(o => (o.At, o.Value.ValueKind, o.Before))
            .ShouldBe(
                [
                    ("/materials/tape", JsonValueKind.Null, null),
                    ("/materials/sweets", JsonValueKind.Object, (string?)"straws"),
                ],
                ignoreOrder: true
            );
        Rows(tier).ShouldBe(["Tape: left out", "Sweets: sweets"], ignoreOrder: true);
    }

    [Fact]
    public void A_phase_that_only_a_tier_has_stands_where_it_was_put_and_the_rest_follows_the_brief()
    {
        var phases = Base.Timing.Phases;
        var edited = Base with
        {
            Timing = Base.Timing with { Phases = [phases[0], Phase("talk", PhaseKind.Explore), phases[1]] },
        };
        var tier = EditedTier.Of(Base, Base.Tiers[0], edited);
        var later = Base with
        {
            Tiers = [tier],
            Timing = Base.Timing with { Phases = [Phase("plan", PhaseKind.Plan), .. phases] },
        };
        Editions
            .Resolve(later, "old")
            .OrThrow()
            .Brief.Timing.Phases.Select(p => p.Id)
            .ShouldBe(["plan", "build", "talk", "test"]);
    }

    [Fact]
    public void What_was_decided_for_the_tier_stays_decided()
    {
        var attempts = Override.Of("/trials/attempts", Base.Trials.Attempts);
        var tier = Base.Tiers[0] with { Overrides = [attempts] };
        EditedTier.Of(Base, tier, Base with { Goal = "Another goal." }).Overrides.ShouldContain(attempts);
        EditedTier
            .Of(Base, tier, Base with { Trials = Base.Trials with { Attempts = 4 } })
            .Overrides.Single(o => o.At == "/trials/attempts")
            .Value.GetInt32()
            .ShouldBe(4);
    }

    [Fact]
    public void What_only_a_tier_has_is_changed_there_when_a_rally_changes_it()
    {
        var tier = EditedTier.Of(Base, Base.Tiers[0], Base with { Rules = [.. Base.Rules, Rule("flag")] });
        var shelf = Base with { Tiers = [tier] };
        var changed = BriefChanges.OnShelf(shelf, "old", [Override.Of("/rules/flag/text", "It flies a flag.")]);
        Editions.Resolve(changed.OrThrow(), "old").OrThrow().Brief.Rules[2].Text.ShouldBe("It flies a flag.");
    }

    [Fact]
    public void What_a_rehearsal_changes_in_what_only_a_tier_has_is_changed_there()
    {
        var tier = EditedTier.Of(Base, Base.Tiers[0], Base with { Rules = [.. Base.Rules, Rule("flag")] });
        var brief = Base with { Tiers = [tier] };
        TierFields.Within(brief, "old", Change.Set("/rules/flag/off", true)).Tier.ShouldBe("old");
        TierFields.Within(brief, "old", Change.Set("/rules/none/off", true)).Tier.ShouldBeEmpty();
    }

    [Fact]
    public void A_measure_that_only_some_tiers_have_stops_no_offer()
    {
        var young = EditedTier.Of(Base, GradeTier.For(Base, GradeBand.KTo2), Base with { Measures = [] });
        var brief = Base with { Grades = GradeBand.KTo2, Tiers = [young, GradeTier.For(Base, GradeBand.From9To12)] };
        TierOffers.Of(brief, brief.Tiers[1]).ShouldContain(o => o.Changes[0].At == "/measures/height/step");
    }

    [Fact]
    public void What_the_brief_has_let_go_of_is_gone_in_the_tier_too()
    {
        var tier = EditedTier.Of(Base, Base.Tiers[0], Base with { Rules = [Base.Rules[1]] });
        Editions
            .Resolve(Base with { Rules = [Base.Rules[1]], Tiers = [tier] }, "old")
            .OrThrow()
            .Brief.Rules.ShouldHaveSingleItem();
    }

    [Fact]
    public void A_snag_that_was_dismissed_on_the_tiers_sheet_is_dismissed()
    {
        var vague = Base with { Rules = [Rule("stands", "It is strong enough.")] };
        var tier = EditedTier.Of(Base, Base.Tiers[0], vague with { LeftSnags = ["vague /rules/stands/text"] });
        Snags.Of(Base with { Tiers = [tier] }).ShouldNotContain(s => s.Id == "vague");
        Snags.Left(Base with { Tiers = [tier] }).ShouldContain(s => s.Id == "vague" && s.Tier == "old");
    }

    private static string Laid(Brief brief, Brief edited)
    {
        var tier = EditedTier.Of(brief, brief.Tiers[0], edited);
        var kept = DocumentReader.Brief(Json.Write(brief with { Tiers = [tier] })).OrThrow().Value;
        return Json.Write(Editions.Resolve(kept, tier.Id).OrThrow().Brief);
    }

    private static List<string> Rows(Tier tier) =>
        [.. TierTable.Of(Base with { Tiers = [tier] }).Rows.Select(r => $"{r.Field.Name}: {r.Cells[0].Says}")];

    private static Rule Rule(string id, string text = "It stands.") =>
        new()
        {
            Id = id,
            Sort = RuleSort.Criterion,
            Text = text,
            Check = new RuleCheck.Inspection(),
            IfMissed = new Consequence.NoteOnly(),
        };

    private static Material Material(string name) => Sample.Material(name, name, amount: 2);

    private static Phase Phase(string id, PhaseKind kind) => Sample.Phase(id, kind, minutes: 5);
}
