using MathNet.Numerics.Statistics;
using PluckyRally.Core.Briefs;
using Moments = MathNet.Numerics.Statistics.Statistics;

namespace PluckyRally.Core.Rehearsals;

/// <summary>How much each part decides.</summary>
internal sealed class PartsSeen(CompiledEdition compiled)
{
    public const string Deciding = "parts";

    /// <summary>Names the finding that a part hardly ever matters.</summary>
    public static string Never(string part) => $"never:{part}";

    /// <summary>
    /// From here on a part decides nearly everything; up to here it hardly ever sets two teams apart (common practice,
    /// no source).
    /// </summary>
    private const decimal NearlyAll = 80,
        Hardly = 5;

    private readonly PartSeen[] _parts = [.. compiled.Parts.Select(p => new PartSeen(p.Part))];

    public void See(PlayedClass played)
    {
        var rows = played.Placed.Where(r => r.Total is not null).ToList();
        if (rows.Count < 3)
            return;
        double[] totals = [.. rows.Select(r => (double)r.Total!.Value)];
        double[] places = [.. rows.Select(r => (double)r.Rank!.Value)];
        var sign = compiled.Brief.Method.Wins == WinningDirection.Highest ? 1 : -1;
        for (var i = 0; i < _parts.Length; i++)
            _parts[i].See([.. rows.Select(r => (double)(r.Parts[i].Points ?? 0))], totals, places, sign);
    }

    /// <summary>The parts, the one that decides most first.</summary>
    public IReadOnlyList<PartDecides> Decides() => [.. _parts.Select(p => p.Decides()).OrderByDescending(p => p.Share)];

    public IEnumerable<RehearsalFinding> Findings()
    {
        var parts = Decides();
        if (parts.Count > 1)
        {
            yield return new(
                Deciding,
                parts[0].Share >= NearlyAll ? FindingWeight.Wrong : FindingWeight.Fine,
                RehearsalWords.Deciding(parts, parts[0].Share >= NearlyAll),
                parts[0].Share,
                RehearsalWords.SetsApart,
                [.. parts.Select(p => new RehearsalBar(p.Name, Math.Clamp(p.Share, 0, 100), p.Share >= NearlyAll))]
            )
            {
                Helps = RehearsalHelp.AgainstOnePart(parts, [.. compiled.Parts.Select(p => p.Part)]),
                Comes = RehearsalWords.PartDecides,
            };
        }

        foreach (var part in parts.Where(p => p.Differs <= Hardly))
            yield return new(
                Never(part.Part),
                FindingWeight.Wrong,
                RehearsalWords.Never(part),
                part.Differs,
                RehearsalWords.Differs,
                [new(part.Name, part.Differs, true)]
            )
            {
                Helps = RehearsalHelp.ForSetting(compiled.Parts.First(p => p.Part.Id == part.Part), compiled.Brief),
                Comes = share => RehearsalWords.SetsSomeApart(part.Name, share),
                MoreIsBetter = true,
            };
    }

    /// <summary>What is seen of a part from class to class.</summary>
    private sealed class PartSeen(Part part)
    {
        private double _share;
        private double _rank;
        private int _ranked;
        private int _classes;
        private int _differed;

        public void See(double[] points, double[] totals, double[] places, int sign)
        {
            _classes++;
            if (points.Distinct().Count() > 1)
                _differed++;
            var spread = Moments.PopulationVariance(totals);
            if (spread > 0)
                _share += Moments.PopulationCovariance(points, totals) / spread;
            var rank = Correlation.Spearman(points, places);
            if (double.IsNaN(rank))
                return;
            _rank += sign * rank;
            _ranked++;
        }

        public PartDecides Decides() =>
            new(
                part.Id,
                part.Name,
                Math.Round((decimal)(_classes == 0 ? 0 : 100 * _share / _classes), 1),
                Math.Round((decimal)(_ranked == 0 ? 0 : _rank / _ranked), 3),
                Rehearsals.Share.Of(_differed, _classes)
            );
    }
}

/// <summary>How much a part decides.</summary>
/// <param name="Part">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Share">How much of what parts the teams comes from it, in a hundred; the parts' shares add up to a
/// hundred where nothing else is added or taken off.</param>
/// <param name="Rank">How its points go with the place, by ranks: −1 where better points always are a better
/// place.</param>
/// <param name="Differs">Of a hundred classes, in how many it gives any two teams different points.</param>
public sealed record PartDecides(string Part, string Name, decimal Share, decimal Rank, decimal Differs);
