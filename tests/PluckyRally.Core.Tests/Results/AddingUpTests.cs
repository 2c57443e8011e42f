using PluckyRally.Core.Documents;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Formats;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// Every total is added up again from the facts that it is explained by: steps, curve, clamp, weight, bonuses,
/// deductions, floor.
/// </summary>
public sealed class AddingUpTests
{
    [Fact]
    public void Drawn_rallies_add_up()
    {
        var results = 0;
        for (var seed = 1; seed <= 300; seed++)
        {
            if (RandomRally.Draw(seed) is { } rally)
                results += AddsUp(OpenedRally.Open(rally).OrThrow(), $"seed {seed}");
        }

        results.ShouldBeGreaterThan(300);
    }

    public static TheoryData<string> Demo =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.rally.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
        );

    private static readonly string[] DemoPlayed =
    [
        "class-4-shingle.rally.json",
        "class-5-today.rally.json",
        "class-6-hoist.rally.json",
        "class-7-hoist.rally.json",
        "class-8-hoist.rally.json",
    ];

    [Theory]
    [MemberData(nameof(Demo))]
    public void The_demos_rallies_add_up(string file)
    {
        var results = AddsUp(
            OpenedRally
                .Open(
                    DocumentReader
                        .Rally(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", file)))
                        .OrThrow()
                        .Value
                )
                .OrThrow(),
            file
        );
        (results > 0).ShouldBe(
            DemoPlayed.Contains(file),
            "nothing was recorded in those rallies whose lesson is still to come"
        );
    }

    [Fact]
    public void Every_kind_of_part_and_check_adds_up()
    {
        var compiled = Sample.Ready(EveryKind.Brief());
        var (teams, log) = EveryKind.Play(compiled);
        var results = Sample.Came(compiled, teams, log).Teams;
        foreach (var result in results)
            AddsUp(compiled, result, result.Team.Name);
        results.ShouldAllBe(r =>
            r.Parts.All(p => p.Points != null) && r.Design.Bonuses.Count + r.Design.Deductions.Count > 0
        );
        results
            .SelectMany(r => r.Parts)
            .SelectMany(p => p.Value.Steps)
            .Select(s => s.GetType())
            .Distinct()
            .Count()
            .ShouldBeGreaterThan(12);
    }

    /// <summary>By hand: 12 cm give 12 points, the bonus 3, the miss takes 2.</summary>
    [Fact]
    public void Bonuses_and_misses_stand_in_columns_of_their_own_and_a_bonus_is_no_must_have()
    {
        var brief = Sample.Simple() with
        {
            Rules =
            [
                Sample.Inspection("float", new Consequence.Deduct(2)),
                Sample.Inspection("sing", new Consequence.NoteOnly()) with
                {
                    Bonus = 3,
                },
            ],
        };
        var rally = new Parts.OnePart(brief, "A", "B");
        foreach (var (team, sings) in new[] { ("A", true), ("B", false) })
        {
            rally.Add(
                new Entry.TrialRecorded
                {
                    Id = rally.Id(),
                    Team = new(team),
                    Attempt = 1,
                    Outcome = TrialOutcome.Counted,
                    Readings = [new() { Measure = "height", Typed = "12" }],
                }
            );
            rally.Add(Check(team, "float", met: false));
            rally.Add(Check(team, "sing", sings));
        }

        var (a, b) = (rally.Row("A"), rally.Row("B"));
        (a.BonusText, a.DeductionText, a.Total).ShouldBe(("+3.0", "−2.0", 13));
        (b.BonusText, b.DeductionText, b.Total).ShouldBe(("", "−2.0", 10));
        a.Musts.Select(m => m.Rule).ShouldBe(["float"]);
        b.Why.Select(s => s.Sentence).ShouldContain("“It must sing”: not done, so it earns no bonus.");
        rally.Standings.Findings.ShouldNotContain(f => f.Contains("sing"));

        Entry Check(string team, string rule, bool met) =>
            new Entry.RuleChecked
            {
                Id = rally.Id(),
                Team = new(team),
                Rule = rule,
                Met = met,
            };
    }

    private static int AddsUp(OpenedRally opened, string which)
    {
        var count = 0;
        foreach (var round in opened.Rally.Entries.Select(e => e.Round).Distinct())
        {
            foreach (var result in opened.Result(round).Teams)
            {
                AddsUp(opened.In(1).Compiled, result, $"{which}, round {round}, {result.Team.Name}");
                count++;
            }
        }

        return count;
    }

    private static void AddsUp(CompiledEdition compiled, TeamResult result, string which)
    {
        var method = compiled.Brief.Method;
        foreach (var part in result.Parts)
        {
            var at = $"{which}, {part.Plan.Part.Name}";
            if (part.Value is { State: PartState.Scored, Steps.Count: > 0 })
                part.Value.Steps.Sum(s => s.Adds).ShouldBe(part.Value.Value.Number, at);
            if (part.Points is null)
                continue;
            var before = part.Curve + part.Value.PointsAfterCurve;
            if (part.State == PartState.Scored)
                before = Math.Max(
                    part.Plan.Part.Floor ?? decimal.MinValue,
                    Math.Min(part.Plan.Part.Cap ?? decimal.MaxValue, before)
                );
            part.Clamped.ShouldBe(before, at);
            part.Points.ShouldBe(Nearest(before * part.Plan.Part.Weight, method.Precision), at);
        }

        if (result.Total is not { } total)
            return;
        var sign = method.Wins == WinningDirection.Highest ? 1 : -1;
        var sum =
            result.Parts.Sum(p => p.Points!.Value)
            + (sign * (result.Design.Bonuses.Sum(b => b.Points) - result.Design.Deductions.Sum(d => d.Points)));
        total.ShouldBe(Math.Max(method.Floor ?? sum, sum), which);

        // What the slip shows is what was added.
        var shown = TraceWords
            .Write(compiled, result)
            .Where(s => s.Kind is TraceKind.Points or TraceKind.Bonus or TraceKind.Deduction)
            .Sum(s => s.Amount!.Value);
        shown.ShouldBe(sum, which);
    }

    /// <summary>To the nearest step, half away from zero, written another way than the program's own.</summary>
    private static decimal Nearest(decimal value, decimal step)
    {
        var steps = decimal.Floor(Math.Abs(value) / step * 2) / 2;
        var whole = decimal.Floor(steps) + (steps == decimal.Floor(steps) ? 0 : 1);
        return Math.Sign(value) * whole * step;
    }
}
