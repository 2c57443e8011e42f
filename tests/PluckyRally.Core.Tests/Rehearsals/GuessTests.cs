using PluckyRally.Core.Rehearsals;
using static PluckyRally.Core.Tests.Rehearsals.Rehearsed;

namespace PluckyRally.Core.Tests.Rehearsals;

/// <summary>What rests on a guess says so and is not fine; must-haves are judged in sum.</summary>
public sealed class GuessTests
{
    private static readonly Brief Unsaid = Sample.Brief(
        [Sample.Height(0.1m), Sample.Height(0.1m) with { Id = "width", Name = "Width", Expected = new(5, 50) }],
        [Sample.Part("height"), Sample.Part("width", id: "wide")],
        attempts: 3
    );

    [Fact]
    public void A_measure_of_which_nobody_has_said_anything_is_a_guess_and_nothing_is_fine()
    {
        var brief = Unsaid with { Measures = [Unsaid.Measures[0] with { Expected = null }, Unsaid.Measures[1]] };
        var report = Play(brief, new() { Classes = 200 });
        report.Inputs.Where(i => i.IsGuess).Select(i => i.Name).ShouldBe(["Height"]);
        report.RestsOn.ShouldBe(
            "This rests on a guess: nobody has said what teams will reach in Height. Enter the three numbers below, "
                + "then rehearse again."
        );
        report.Findings.Where(f => f.Id != "queue").ShouldAllBe(f => f.Weight != FindingWeight.Fine);
        report.Findings.ShouldContain(f => f.Weight == FindingWeight.IfGuessed);
    }

    [Fact]
    public void What_a_teacher_enters_is_no_guess()
    {
        var brief = Unsaid with { Measures = [Unsaid.Measures[0] with { Expected = null }, Unsaid.Measures[1]] };
        var asked = new RehearsalAsked
        {
            Classes = 200,
            Expected = new Dictionary<string, Pert> { ["height"] = new(5, 20, 50) },
        };
        var report = Play(brief, asked);
        report.RestsOn.ShouldBeNull();
        report.Findings.ShouldContain(f => f.Weight == FindingWeight.Fine);
    }

    [Fact]
    public void The_teachers_own_trial_build_is_the_usual_one_and_no_guess()
    {
        var tried = Unsaid.Measures[0] with { Benchmark = 30 };
        var alone = Play(
            Unsaid with
            {
                Measures = [tried with { Expected = null }, Unsaid.Measures[1]],
            },
            new() { Classes = 200 }
        );
        alone.RestsOn.ShouldBeNull();
        alone.Inputs[0].Expected.ShouldBe(new(15, 30, 45));
        alone.Inputs[0].From.ShouldBe("your trial build, from half as much to half as much again");
        var within = Play(
            Unsaid with
            {
                Measures = [tried with { Expected = new(5, 25) }, Unsaid.Measures[1]],
            },
            new() { Classes = 200 }
        );
        within.Inputs[0].Expected.ShouldBe(new(5, 25, 25));
    }

    [Fact]
    public void Must_haves_that_each_put_out_few_are_judged_in_sum()
    {
        var brief = Sample.Brief(
            [Sample.Height() with { Expected = new(5, 50) }],
            [Sample.Part("height")],
            rules: [.. new[] { "a", "b", "c" }.Select(id => Sample.Inspection(id, new Consequence.DoesNotPlace()))]
        );
        var chances = new[] { "a", "b", "c" }.ToDictionary(id => $"/rules/{id}", _ => 8m);
        var musts = Play(brief, new() { Classes = 1000, Chances = chances }).Findings.Single(f => f.Id == "musts");
        // 1 − 0.92³ = 22.1 in 100, drawn 8,000 times.
        musts.InAHundred.ShouldBe(22.1m, 2);
        musts.Weight.ShouldBe(FindingWeight.Wrong);
    }
}
