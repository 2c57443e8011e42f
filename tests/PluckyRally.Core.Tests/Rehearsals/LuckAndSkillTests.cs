using PluckyRally.Core.Curves;
using PluckyRally.Core.Rehearsals;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>Ties, luck and skill against what is known in closed form, as near as that many draws come.</summary>
public sealed class LuckAndSkillTests
{
    /// <summary>
    /// Two teams that each manage it or not, at even chance and by themselves, share the first place in half of all
    /// classes.
    /// </summary>
    [Fact]
    public void Two_teams_at_even_chance_tie_in_half_of_all_classes()
    {
        var report = Play(
            Sample.Brief([YesNo("done")], [Sample.Part("done", id: "part")]),
            new()
            {
                Teams = 2,
                Classes = 2000,
                Alike = 0,
            }
        );
        report.TieForFirst.ShouldBe(50, FourErrors(0.5, 2000));
        report.TieForAny.ShouldBe(report.TieForFirst, "there is no other place");
        report.Finding("ties").Weight.ShouldBe(FindingWeight.Wrong);
    }

    /// <summary>
    /// Four teams at even chance: nobody, one, two, three or all manage it; the first place is one team's only where
    /// exactly one does: 4 of 16.
    /// </summary>
    [Fact]
    public void Four_teams_at_even_chance_share_the_first_place_in_three_quarters_of_all_classes()
    {
        var report = Play(
            Sample.Brief([YesNo("done")], [Sample.Part("done", id: "part")]),
            new()
            {
                Teams = 4,
                Classes = 2000,
                Alike = 0,
            }
        );
        report.TieForFirst.ShouldBe(75, FourErrors(0.75, 2000));
        report.TieForAny.ShouldBe(100, "of four teams in two heaps one always holds two");
    }

    /// <summary>
    /// Where nothing of a value is the team's own, the best at bottom wins no oftener than any other: one class in
    /// eight.
    /// </summary>
    [Fact]
    public void Where_all_is_luck_the_best_team_wins_no_oftener_than_any_other()
    {
        var brief = Sample.Brief([Wide()], [Sample.Part("height", id: "part")]);
        Play(
            brief,
            new()
            {
                Teams = 8,
                Classes = 1500,
                Alike = 0,
            }
        )
            .BestWins.ShouldBe(12.5m, FourErrors(0.125, 1500) + 0.3m);
        Play(
            brief,
            new()
            {
                Teams = 8,
                Classes = 300,
                Alike = 100,
            }
        )
            .BestWins.ShouldBeGreaterThan(99m, "and where all is the team's own it always does");
    }

    /// <summary>
    /// The better of two teams is ahead with the chance 1/2 + asin(r)/π, where r goes from what a team is good for to
    /// what it shows (W. F. Sheppard, Phil. Trans. A 192, 1899; R 4.2.2: 0.750000 and 0.852416): r² is half for one
    /// attempt of which half is the team's own, and four fifths for the mean of four.
    /// </summary>
    [Theory]
    [InlineData(1, 75.0)]
    [InlineData(4, 85.2416)]
    public void The_mean_of_four_attempts_finds_the_better_team_as_often_as_the_normal_distribution_says(
        int attempts,
        decimal inAHundred
    )
    {
        var brief = Sample.Brief(
            [Wide(taken: ReadOccasion.EachAttempt)],
            [Sample.Part("height", combine: Combine.Mean, id: "part")],
            attempts
        );
        Play(
            brief,
            new()
            {
                Teams = 2,
                Classes = 2000,
                Alike = 50,
                Chances = NothingFails,
            }
        )
            .BestWins.ShouldBe(
                inAHundred,
                5m,
                "the classes come in fives of the same teams, so four errors are five in 100"
            );
    }

    /// <summary>A good team is quick, too: where all is its own, the quickest is the best.</summary>
    [Fact]
    public void A_good_team_needs_less_of_what_is_better_when_it_is_less()
    {
        var brief = Sample.Brief(
            [],
            [
                new Part.Relay
                {
                    Id = "run",
                    Name = "Run",
                    Legs = ["out", "home"],
                    Curve = new Curve.Between(200, 0, 100),
                    Faults = [Sample.Fault("drop", "Dropped", seconds: 5)],
                },
            ]
        );
        var report = Play(
            brief,
            new()
            {
                Classes = 200,
                Alike = 100,
                AllRound = 100,
            }
        );
        report.BestWins.ShouldBeGreaterThan(95m);
        report
            .Inputs.Select(i => i.Name)
            .ShouldBe(["Run: out", "Run: home", "Run: Dropped"], "each leg has its own time");
    }

    /// <summary>
    /// Where the lowest total wins and no measure says so, who pulls least is good at it; and a load for its mass wants
    /// little mass.
    /// </summary>
    [Fact]
    public void What_is_good_follows_from_the_part_that_reads_it()
    {
        var least = Sample.Brief([Wide("pull")], [Sample.Part("pull", better: Better.Less, failurePoints: 200)]);
        Play(
                least with
                {
                    Method = least.Method with { Wins = WinningDirection.Lowest },
                },
                new()
                {
                    Classes = 100,
                    Alike = 100,
                    AllRound = 100,
                }
            )
            .ShouldSatisfyAllConditions(
                r => r.BestWins.ShouldBeGreaterThan(95),
                r => r.Parts.Single().Rank.ShouldBe(-1, 0.01m)
            );
        bool Less(string value, string measure) =>
            (
                (RehearsedThing.Amount)
                    RehearsedThings
                        .Of(
                            Sample.Ready(Sample.Brief([Wide("load"), Wide("mass")], [Sample.Part(value)])),
                            ThingsRemembered.Nothing
                        )
                        .Single(t => t.Handle == measure)
            )
                .Of
                .LessIsBetter;
        Less("load / (mass + 1)", "mass").ShouldBeTrue();
        Less("load / (mass + 1)", "load").ShouldBeFalse();
    }

    /// <summary>
    /// Must-haves that put a team out: of one that is missed in a fifth of all cases, a fifth do not place.
    /// </summary>
    [Fact]
    public void So_many_teams_do_not_place_as_miss_what_they_must()
    {
        var brief = Sample.Brief(
            [Wide()],
            [Sample.Part("height", id: "part")],
            rules:
            [
                Sample.Inspection("float", new Consequence.DoesNotPlace()),
                Sample.Inspection("shine", new Consequence.DoesNotPlace()),
            ]
        );
        var report = Play(
            brief,
            new()
            {
                Teams = 10,
                Classes = 400,
                Alike = 0,
                Chances = new Dictionary<string, decimal> { ["/rules/float"] = 20, ["/rules/shine"] = 0 },
            }
        );
        report.NotPlaced.ShouldBe(20, FourErrors(0.2, 4000));
        report.Finding("rule:float").Weight.ShouldBe(FindingWeight.Wrong);
        report.Finding("rule:shine").Says.ShouldBe("“It must shine” keeps nobody from placing.");
    }

    /// <summary>A chance is kept whatever of it is the team's own: it only falls on the same teams again.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(90)]
    public void A_chance_is_what_was_written_however_alike_attempts_are(int alike)
    {
        var brief = Sample.Brief(
            [Wide()],
            [
                new Part.Tasks
                {
                    Id = "do",
                    Name = "Do",
                    Items = [Sample.Task("one", "One", points: 1, steps: 4)],
                },
            ]
        );
        var rehearsal = Ready(
            brief,
            new()
            {
                Teams = 10,
                Classes = 500,
                Alike = alike,
                Chances = new Dictionary<string, decimal> { ["do.task.one"] = 30 },
            }
        );
        var steps = Enumerable
            .Range(0, 100)
            .SelectMany(lineUp => rehearsal.Classes.Play(lineUp, 0).Log.OfType<Entry.TaskTicked>())
            .Select(t => t.Steps!.Value)
            .ToList();
        ((double)steps.Sum()).ShouldBe(
            1200,
            alike == 0 ? 120 : 240,
            "four errors; those of a team go together when it is its own"
        );
    }
}
