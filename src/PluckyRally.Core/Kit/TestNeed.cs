using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>
/// What the test takes of one thing: at one table, and at all tables at which teams are tested at once.
/// </summary>
/// <param name="Name">The thing, or the weights that make up a load together.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="OneTest">What the best build that is expected takes.</param>
/// <param name="Places">Places at which teams are tested at once, from 1.</param>
/// <param name="Planned">What the brief has of it for the class; absent where that has no limit.</param>
/// <param name="InCupboard">What there is of it.</param>
public sealed record TestNeed(
    string Name,
    string Unit,
    decimal OneTest,
    int Places,
    decimal? Planned,
    decimal InCupboard
)
{
    /// <summary>The ids of the materials that it is about.</summary>
    [JsonIgnore]
    public IReadOnlyList<string> Things { get; init; } = [];

    /// <summary>What all tables take together.</summary>
    public decimal AtOnce => OneTest * Places;

    /// <summary>What it comes to: enough, for how many places, or how much is missing.</summary>
    public string Says => TestNeedWords.Say(this, Planned is { } planned ? Math.Min(planned, InCupboard) : InCupboard);

    /// <summary>
    /// Whether builds of a brief are loaded with pieces: counted weights, rolls, weights of the rig, or things carried
    /// that are counted.
    /// </summary>
    public static bool IsLoaded(Brief brief) =>
        brief.Materials.Any(m => m is { Off: false, Category: "weight" })
        || brief
            .Measures.Where(m => !m.Off)
            .Any(m =>
                m is { Weights.Count: > 0 } or { Roll: > 0 }
                || (m.Kind == MeasureKind.Count && brief.Materials.Any(thing => thing.IsOfRig && Names(thing, m.Unit)))
            );

    /// <summary>"beads" are of "glass beads".</summary>
    private static bool Names(Material thing, string counted) =>
        counted.Length > 0
        && (
            IsCalled(thing, counted)
            || English.One(thing.Name).EndsWith($" {English.One(counted)}", StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>What each thing of a brief's test takes, against what is planned and what there is.</summary>
    /// <param name="brief">The brief as it is run, with the teams that are expected.</param>
    /// <param name="cupboard">What is in the cupboard.</param>
    public static IReadOnlyList<TestNeed> Of(Brief brief, IReadOnlyList<CupboardItem> cupboard)
    {
        var teams = Math.Clamp(brief.Timing.Teams, 1, Limits.Teams);
        var list = KitList.Of(brief, [.. Enumerable.Repeat(brief.Timing.TeamSize, teams)], cupboard);
        var things = list.Lines.Where(l => l.Material.IsOfRig).ToList();
        var counted = brief
            .Measures.Where(m => m is { Off: false, Expected: not null })
            .Select(OfMeasure)
            .OfType<TestNeed>()
            .ToList();
        return
        [
            .. counted,
            .. things
                .Where(l => l.Material is { Per: Per.Lane, Amount: not null })
                .Where(l => counted.All(n => !n.Things.Contains(l.Material.Id)))
                .Select(l => Need(l.Material.Name, l.Material.Unit, l.Material.Amount!.Value, [(l, 1)])),
        ];

        TestNeed? OfMeasure(Measure measure)
        {
            var high = measure.Expected!.High;
            // What each team has of its own is not shared between tests.
            if (measure.Kind == MeasureKind.Count)
                return things.Find(l => l.Material.IsOfClass && IsCalled(l.Material, measure.Unit)) is { } line
                    ? Need(line.Material.Name, line.Material.Unit, high, [(line, 1)])
                    : null;
            if (measure.FixedUnit is not { Kind: MeasureKind.Mass } unit || measure.Weights.Count == 0)
                return null;
            var grams = unit.To(Units.Find("g")!, high);
            var weights = measure
                .Weights.Select(w => (Line: things.Find(l => IsCalled(l.Material, w.Name)), w.GramsEach))
                .ToList();
            return weights.Any(w => w.Line is null || w.GramsEach is not > 0) ? null
                : weights is [var (only, each)]
                    ? Need(only!.Material.Name, "", Math.Ceiling(grams / each!.Value), [(only, 1)])
                : Need(
                    English.List([.. weights.Select(w => w.Line!.Material.Name)]),
                    "g",
                    grams,
                    [.. weights.Select(w => (w.Line!, w.GramsEach!.Value))]
                );
        }

        TestNeed Need(string name, string unit, decimal oneTest, IReadOnlyList<(KitLine Line, decimal Each)> of) =>
            new(
                name,
                unit,
                oneTest,
                KitList.Places(brief),
                of.All(o => o.Line.Total is not null) ? of.Sum(o => o.Line.Total!.Value * o.Each) : null,
                of.Sum(o => o.Line.InCupboard * o.Each)
            )
            {
                Things = [.. of.Select(o => o.Line.Material.Id)],
            };
    }

    /// <summary>"washers" are called "washer", and "sacks of sand" are called "sack".</summary>
    private static bool IsCalled(Material thing, string name)
    {
        var (one, called) = (English.One(thing.Name), English.One(name));
        return string.Equals(one, called, StringComparison.OrdinalIgnoreCase)
            || one.StartsWith($"{called} of ", StringComparison.OrdinalIgnoreCase);
    }
}
