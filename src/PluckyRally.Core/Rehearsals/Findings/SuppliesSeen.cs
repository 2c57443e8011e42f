using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Rehearsals;

/// <summary>Whether weights to lay on, things to carry, things to buy and fresh builds last.</summary>
internal sealed class SuppliesSeen
{
    /// <summary>Names the finding of a material, or of fresh builds.</summary>
    public static string Of(string material) => $"supply:{material}";

    public const string FreshBuilds = "fresh builds";

    /// <summary>From here on it is wrong that something runs out (common practice, no source).</summary>
    private const decimal Often = 5;

    private readonly List<Supply> _supplies = [];

    public SuppliesSeen(CompiledEdition compiled, int teams)
    {
        var brief = compiled.Brief;
        foreach (
            var measure in brief.Measures.Where(m =>
                m is { Off: false } && (m.Weights.Count > 0 || m.Kind == MeasureKind.Count)
            )
        )
        {
            if (Laid(measure, brief) is { } there)
                _supplies.Add(
                    new(there.Material, there.Amount, ReadingFormat.Value(there.Amount, measure), played =>
                        played.Results.Max(r => Heaviest(r, measure))
                    )
                );
        }

        var kit = KitList.Of(brief, KitList.Unmade([.. Enumerable.Repeat(0, teams)]), []);
        foreach (var part in brief.Method.Parts.OfType<Part.Budget>().Where(p => !p.Off))
        {
            foreach (var price in part.Prices)
            {
                if (
                    kit.Lines.FirstOrDefault(l =>
                        l is { ByFunds: false, Total: not null } && price.Material == l.Material.Id
                    ) is
                    { Total: { } total } line
                )
                    _supplies.Add(
                        new(line.Material, total, Material.So(total, line.Material.Unit, line.Material.Name), played =>
                            played
                                .Log.OfType<Entry.Purchased>()
                                .Where(p => p.Part == part.Id && p.Item == price.Id)
                                .Sum(p => p.Count * price.Amount)
                        )
                    );
            }
        }

        if (brief.Trials is { FreshBuildAfterFailure: true, FreshBuilds: { } fresh })
            _supplies.Add(
                new(null, fresh, English.Count(fresh, "fresh build"), played =>
                    played.Results.Max(r =>
                        r.Assessment.Design.Trials.Select(t => t.Revision).DefaultIfEmpty(1).Max() - 1
                    )
                )
            );
    }

    public void See(PlayedClass played)
    {
        foreach (var supply in _supplies)
            supply.See(played);
    }

    public IEnumerable<RehearsalFinding> Findings() => _supplies.Where(s => s.Needs.Count > 0).Select(s => s.Finding());

    private static decimal Heaviest(TeamResult result, Measure measure) =>
        result
            .Assessment.Design.Attempts.Select(a => a.Read(measure))
            .Append(result.Assessment.Design.ReadOnce(measure))
            .Where(v => v.HasValue)
            .Select(v => v.Number)
            .DefaultIfEmpty(0)
            .Max();

    /// <summary>
    /// What there is at a place of the test to be laid on or carried, in the measure's unit; null where the brief does
    /// not say.
    /// </summary>
    private static (Material Material, decimal Amount)? Laid(Measure measure, Brief brief)
    {
        var there = brief.Materials.Where(m => m is { Off: false, Amount: not null } && m.IsRig).ToList();
        decimal Amount(Material of) => of.Per == Per.Class ? of.Amount!.Value / Places(brief) : of.Amount!.Value;
        if (measure.Weights.Count == 0)
            return there.FirstOrDefault(m => Named(m, English.One(measure.Unit))) is { } carried
                ? (carried, Amount(carried))
                : null;
        var loads = measure
            .Weights.Select(w => (Weight: w, Material: there.FirstOrDefault(m => Named(m, w.Name))))
            .Where(l => l is { Material: not null, Weight.GramsEach: not null })
            .ToList();
        if (loads.Count < measure.Weights.Count || measure.FixedUnit is not { } unit)
            return null;
        return (
            loads[0].Material!,
            loads.Sum(l => Units.Find("g")!.To(unit, l.Weight.GramsEach!.Value * Amount(l.Material!)))
        );
    }

    private static bool Named(Material material, string one) =>
        one.Length > 0
        && material
            .Name.Split(' ')
            .Any(word =>
                string.Equals(word, one, StringComparison.OrdinalIgnoreCase)
                || string.Equals(word, English.Several(one), StringComparison.OrdinalIgnoreCase)
            );

    private static int Places(Brief brief) =>
        brief
            .Timing.Phases.Where(p => p is { Kind: PhaseKind.Test, TeamByTeam: true })
            .Select(p => Math.Max(1, p.TestBays))
            .DefaultIfEmpty(1)
            .Max();

    /// <summary>Something of which there is so much.</summary>
    private sealed record Supply(Material? Material, decimal There, string Shown, Func<PlayedClass, decimal> Needed)
    {
        private static readonly decimal[] Parts = [0.5m, 0.75m, 0.95m];

        public List<decimal> Needs { get; } = [];

        public string Id => Of(Material?.Id ?? FreshBuilds);

        private string Name => Material?.Name ?? FreshBuilds;

        public void See(PlayedClass played) => Needs.Add(Needed(played));

        /// <summary>What would do for nearly all classes.</summary>
        private decimal Enough => Needs.Order().ElementAt(Needs.Count * 99 / 100);

        public RehearsalFinding Finding()
        {
            var share = Share.Of(Needs.Count(n => n > There), Needs.Count);
            var bars = Parts.Select(part => new RehearsalBar(
                RehearsalWords.NeedUpTo(part),
                Share.Of(Needs.Count(n => n <= There * part), Needs.Count)
            ));
            return new(
                Id,
                share >= Often ? FindingWeight.Wrong
                    : share > 0 ? FindingWeight.Mind
                    : FindingWeight.Fine,
                RehearsalWords.Supply(Name, Shown, share),
                share,
                RehearsalWords.Needs(Name),
                [.. bars, new(RehearsalWords.MoreThanThere, share, true)]
            )
            {
                Helps = RehearsalHelp.ForSupply(Material, Math.Ceiling((Material?.Amount ?? There) * Enough / There)),
                Comes = of => RehearsalWords.RunsOut(Name, of),
            };
        }
    }
}
