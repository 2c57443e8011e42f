using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// A brief without points or without places: what was met, what was set out for, and nobody who wins.
/// </summary>
public sealed class AllOrNothingTests
{
    private static readonly Brief Brief = Sample.Brief(
        [Sample.Height()],
        [],
        rules:
        [
            Sample.Inspection("float", new Consequence.DoesNotPlace()),
            Sample.Inspection("carry", new Consequence.NoteOnly()),
        ]
    ) with
    {
        Method = new Method
        {
            Ranking = false,
            Targets =
            [
                new()
                {
                    Id = "beat",
                    Name = "Height to beat",
                    Value = "height",
                    Better = Better.More,
                    Amount = "30 cm",
                },
            ],
        },
    };

    [Fact]
    public void A_brief_without_points_is_run_and_says_what_was_met()
    {
        var rally = new Happening(Brief, "Terns", "Whelks");
        foreach (var team in new[] { "Terns", "Whelks" })
        {
            rally.Counted(team, team == "Terns" ? "20" : "40");
            rally.Checked(team, "float", met: true);
            rally.Checked(team, "carry", met: team == "Whelks");
        }

        var standings = rally.Standings();
        (standings.Ranking, standings.WinsText).ShouldBe(
            (false, "Nobody wins or loses: each team looks at its own result.")
        );
        standings
            .Rows.Select(r => $"{r.Name} {r.Status} {r.PlaceText}{r.TotalText}")
            .ShouldBe(["Terns Placed ", "Whelks Placed "], "in the teams' own order, without place and total");
        standings
            .Rows[0]
            .Musts.Select(m => (m.Rule, m.State))
            .ShouldBe([("float", RuleState.Met), ("carry", RuleState.Missed)]);
        standings.Rows.Select(r => r.Targets.Single().Met).ShouldBe([false, true]);
        standings.Rows.SelectMany(r => r.Why).ShouldAllBe(s => s.Kind != TraceKind.Place);
        string.Join(' ', StudentSheet.Of(Brief).Scoring).ShouldNotContain("wins:");

        // A team's own target outweighs the class's, and can be taken back.
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("terns"),
                Target = "beat",
                Amount = "15",
            }
        );
        rally
            .Standing("Terns")
            .Targets.Single()
            .Says.ShouldBe("Height to beat: 20 cm of 15 cm, met, with 5 cm to spare.");
        TeamSheet
            .For(OpenedRally.Open(rally.Rally).OrThrow(), new("terns"), 1)!
            .Targets.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(t => t.Own.ShouldBeTrue(), t => t.Amount.ShouldBe("15"));
        rally.Keep(
            new Entry.TargetSet
            {
                Id = rally.NextId(),
                Team = new("terns"),
                Target = "beat",
                Amount = "",
            }
        );
        TeamSheet
            .For(OpenedRally.Open(rally.Rally).OrThrow(), new("terns"), 1)!
            .Targets.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(t => t.Own.ShouldBeFalse(), t => t.Amount.ShouldBe("30 cm"));
    }

    [Fact]
    public void With_places_something_must_give_points() =>
        CompiledEdition
            .For(new Edition { Brief = Brief with { Method = new() } })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/method/parts");

    [Fact]
    public void Nobody_is_first_of_one()
    {
        var rally = new Happening(Sample.Simple(), "Ana");
        rally.Counted("Ana", "20");
        var row = rally.Standing("Ana");
        (row.Place, row.PlaceText, row.TotalText).ShouldBe((null, "", "20.0"));
        row.Why[^1].Sentence.ShouldBe("There is no other team to rank against.");
        (rally.Standings().Ranking, rally.Standings().WinsText).ShouldBe((false, ""));
    }
}
