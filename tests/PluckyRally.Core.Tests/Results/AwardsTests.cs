namespace PluckyRally.Core.Tests.Results;

public sealed class AwardsTests
{
    [Fact]
    public void An_award_has_its_own_direction_and_ties_share_it()
    {
        var rally = new Happening(
            Awarded(Sample.Award("small", "Smallest", "height", better: Better.Less)),
            "A",
            "B",
            "C"
        );
        foreach (var (team, height) in new[] { ("A", "30"), ("B", "20"), ("C", "20") })
            rally.Counted(team, height);
        var award = rally.Standings().Awards.ShouldHaveSingleItem();
        award.Teams.Select(t => t.Value).ShouldBe(["b", "c"], ignoreOrder: true);
        award.Says.ShouldBe("Smallest: B and C with 20 cm.");
    }

    [Fact]
    public void Only_teams_that_place_can_win_unless_everyone_can()
    {
        Winner(everyone: false).ShouldBe(["b"]);
        Winner(everyone: true).ShouldBe(["a"]);

        static IReadOnlyList<string> Winner(bool everyone)
        {
            var brief = Awarded(
                new Award
                {
                    Id = "tall",
                    Name = "Tallest",
                    Value = "height",
                    Everyone = everyone,
                }
            );
            var rally = new Happening(
                brief with
                {
                    Rules = [Sample.Inspection("float", new Consequence.DoesNotPlace())],
                },
                "A",
                "B"
            );
            rally.Counted("A", "90");
            rally.Counted("B", "20");
            rally.Checked("A", "float", met: false);
            rally.Checked("B", "float", met: true);
            return [.. rally.Standings().Awards[0].Teams.Select(t => t.Value)];
        }
    }

    [Fact]
    public void Nobody_has_it_while_there_is_no_value() =>
        new Happening(Awarded(Sample.Award("tall", "Tallest", "height")), "A")
            .Standings()
            .Awards[0]
            .Says.ShouldBe("Tallest: nobody yet.");

    [Fact]
    public void The_first_to_manage_a_task_can_win_one()
    {
        var tasks = new Part.Tasks
        {
            Id = "tasks",
            Name = "Tasks",
            Items = [Sample.Task("lamp", "Lamp", points: 1)],
        };
        var brief = new Brief
        {
            Title = "A brief",
            Method = new Method
            {
                Parts = [tasks],
                Awards =
                [
                    new Award
                    {
                        Id = "first",
                        Name = "First light",
                        FirstTo = new FirstTo("tasks", "lamp"),
                    },
                ],
            },
        };
        var rally = new Parts.OnePart(brief, "A", "B");
        rally.Add(
            new Entry.TaskTicked
            {
                Id = rally.Id(),
                Team = new("B"),
                Part = "tasks",
                Task = "lamp",
            }
        );
        rally.Add(
            new Entry.TaskTicked
            {
                Id = rally.Id(),
                Team = new("A"),
                Part = "tasks",
                Task = "lamp",
            }
        );
        rally.Standings.Awards[0].Says.ShouldBe("First light: B did it first.");
    }

    [Fact]
    public void An_award_over_something_unknown_is_refused() =>
        CompiledEdition
            .For(new Edition { Brief = Awarded(Sample.Award("odd", "Odd", "width")) })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/method/awards/odd/value");

    [Fact]
    public void A_bonus_helps_whichever_total_wins()
    {
        foreach (var (wins, total) in new[] { (WinningDirection.Highest, 23m), (WinningDirection.Lowest, 17m) })
        {
            var brief = Sample.Brief(
                [Sample.Height()],
                [
                    Sample.Part(
                        "height",
                        better: wins == WinningDirection.Highest ? Better.More : Better.Less,
                        failurePoints: 0
                    ),
                ],
                rules: [Sample.Inspection("sing", new Consequence.NoteOnly()) with { Bonus = 3 }]
            );
            var rally = new Happening(brief with { Method = brief.Method with { Wins = wins } }, "A");
            rally.Counted("A", "20");
            rally.Standing("A").Total.ShouldBe(20);
            rally.Checked("A", "sing", met: true);
            rally.Standing("A").Total.ShouldBe(total);
        }
    }

    [Fact]
    public void Control_trials_are_a_line_to_hold_values_against()
    {
        var rally = new Happening(Sample.Simple(), "A");
        rally.Trial("A", TrialOutcome.Counted, ["10"], purpose: Purpose.Control);
        rally.Trial("A", TrialOutcome.Counted, ["12"], purpose: Purpose.Control);
        rally.Counted("A", "33");
        rally.Standings().References.ShouldHaveSingleItem().Parts.ShouldHaveSingleItem().ValueText.ShouldBe("11.0 cm");
        rally.Standing("A").Parts[0].Against.ShouldBe(["3 times the control"]);
    }

    [Fact]
    public void A_control_and_what_is_to_beat_are_lines_with_a_value_for_each_part()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [Sample.Part("height", id: "best"), Sample.Part("height", combine: Combine.Mean, id: "mean")]
        );
        var rally = new Happening(brief, "A");
        rally.Trial("A", TrialOutcome.Counted, ["10"], purpose: Purpose.Control);
        rally.Trial("A", TrialOutcome.Counted, ["50"], purpose: Purpose.Benchmark);
        rally.Counted("A", "30");
        rally
            .Standings()
            .References.Select(r => (r.Reference.Purpose, string.Join(", ", r.Parts.Select(p => p.ValueText))))
            .ShouldBe([(Purpose.Control, "10 cm, 10 cm"), (Purpose.Benchmark, "50 cm, 50 cm")]);
        rally
            .Standing("A")
            .Parts.SelectMany(p => p.Against)
            .ShouldBe([
                "3 times the control",
                "0.6 times the one to beat",
                "3 times the control",
                "0.6 times the one to beat",
            ]);
    }

    private static Brief Awarded(Award award) =>
        Sample.Simple() with
        {
            Method = Sample.Simple().Method with { Awards = [award] },
        };
}
