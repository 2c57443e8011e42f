using PluckyRally.Core.Checks;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Score;

public sealed class TeamSheetTests
{
    private readonly Happening _rally = new(
        Sample.Brief(
            [
                Sample.Height(),
                Sample.Measure("mass", MeasureKind.Mass, name: "Mass", unit: "g", step: 1, taken: ReadOccasion.Once),
            ],
            [Sample.Part("height")],
            3,
            [
                Sample.Inspection("stand", new Consequence.DoesNotPlace()),
                Sample.Limit("light", "mass", Comparison.AtMost, "40 g", new Consequence.Deduct(2)),
                Sample.Inspection("aid", new Consequence.NoteOnly()) with
                {
                    OnlyFor = "Whelks",
                },
            ]
        ),
        "Terns",
        "Whelks"
    );

    [Fact]
    public void It_says_what_is_left_to_do()
    {
        _rally.Counted("Terns", "20");
        _rally.Void("Terns");
        _rally.Failed("Terns");
        var sheet = Sheet();
        sheet.Designs[0].Open.ShouldBe([3]);
        sheet.AsOf.ShouldBe(3, "so many entries are in it");
        sheet
            .Trials.Select(t => (t.Attempt, t.Shown))
            .ShouldBe([(1, "20 cm"), (null, "does not count (the tester slipped)"), (2, "failed")]);
        sheet.Reason.ShouldContain("2 of 3 attempts");
        _rally.Counted("Terns", "30");
        Sheet().Designs[0].Open.ShouldBeEmpty();
    }

    [Fact]
    public void Rules_show_how_they_came_out()
    {
        _rally.Checked("Terns", "stand", met: true);
        _rally.Read("Terns", "mass", "41");
        var sheet = Sheet();
        sheet
            .Rules.Select(r => (r.Id, r.State, r.Inspected))
            .ShouldBe([("stand", RuleState.Met, true), ("light", RuleState.Missed, false)]);
        sheet.Rules[1].Value.ShouldBe("41 g");
        sheet.Rules[1].Limit.ShouldBe("at most 40 g");
        sheet.Once.ShouldHaveSingleItem().Shown.ShouldBe("41 g");
    }

    [Fact]
    public void A_reading_within_half_a_step_of_the_limit_is_too_near_to_call()
    {
        _rally.Read("Terns", "mass", "40");
        Sheet()
            .Rules[1]
            .ShouldSatisfyAllConditions(r => r.State.ShouldBe(RuleState.Met), r => r.TooNear.ShouldBeTrue());
    }

    [Fact]
    public void The_log_keeps_what_was_struck_out_and_why()
    {
        var entry = _rally.Counted("Terns", "20");
        _rally.Strike(entry, "misread");
        var line = Sheet().Log.ShouldHaveSingleItem();
        line.Struck.ShouldBeTrue();
        line.Why.ShouldBe("misread");
        line.Says.ShouldBe("Attempt: 20 cm");
    }

    [Fact]
    public void A_rule_dealt_to_one_team_is_on_that_teams_sheet_only() =>
        TeamSheet.For(Opened, new("whelks"), 1)!.Rules.Select(r => r.Id).ShouldBe(["stand", "light", "aid"]);

    [Fact]
    public void There_is_no_sheet_for_a_team_that_is_not_there() =>
        TeamSheet.For(Opened, new("gulls"), 1).ShouldBeNull();

    private OpenedRally Opened => OpenedRally.Open(_rally.Rally).OrThrow();

    private TeamSheet Sheet() => TeamSheet.For(Opened, new("terns"), 1)!;
}
