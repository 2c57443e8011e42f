using MathNet.Numerics.Statistics;

namespace PluckyRally.Core;

/// <summary>What comes of playing a brief with many classes, in plain words.</summary>
/// <param name="Inputs">What was expected, each with where it comes from.</param>
/// <param name="Says">What the teacher should know, the weightiest first.</param>
/// <param name="Classes">How many classes were played.</param>
/// <param name="TieForFirst">Of a hundred classes, in how many the first place is shared.</param>
/// <param name="BestWins">Of a hundred classes, in how many the team that is best at bottom wins or shares the first place.</param>
/// <param name="NotPlaced">Of a hundred teams, how many do not place.</param>
/// <param name="Parts">How much each part decides, the one that decides most first.</param>
public sealed record RehearsalReport(IReadOnlyList<RehearsalInput> Inputs, IReadOnlyList<string> Says, int Classes, decimal TieForFirst, decimal BestWins, decimal NotPlaced, IReadOnlyList<PartDecides> Parts)
{
    /// <summary>Plays it through the scorer that real classes have, or says what is wrong with what was asked.</summary>
    /// <param name="compiled">The brief, made ready.</param>
    /// <param name="asked">What is expected, how many classes, from which seed.</param>
    /// <param name="stop">Stops it between two classes.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static Result<RehearsalReport> Of(CompiledEdition compiled, RehearsalAsked asked, CancellationToken stop)
    {
        var handles = TryHandles.Of(compiled);
        if (asked.Problems(handles) is { Count: > 0 } wrong) return Result<RehearsalReport>.Refused(wrong);
        var inputs = handles.Select(h => Input(compiled, h, asked)).ToList();
        var played = new RehearsedClass(compiled, asked, handles, inputs);
        var (tied, won, out_, placed) = (0, 0, 0, 0);
        var parts = compiled.Parts.Select(p => new PartSeen(p.Part.Id, p.Part.Name)).ToList();
        for (var n = 0; n < asked.Classes; n++)
        {
            stop.ThrowIfCancellationRequested();
            var (log, skill) = played.Next();
            var rows = Scorer.Score(compiled, played.Teams, log, 1).Rows;
            var first = rows.Where(r => r.Place == 1).ToList();
            if (first.Count > 1) tied++;
            var best = played.Teams[Array.IndexOf(skill, skill.Max())].Id;
            if (first.Any(r => r.Team == best)) won++;
            out_ += rows.Count(r => r.Status == StandingStatus.DidNotPlace);
            var standing = rows.Where(r => r is { Status: StandingStatus.Placed, Total: not null, Place: not null }).ToList();
            placed += standing.Count;
            for (var p = 0; p < parts.Count; p++) parts[p].See(standing, p);
        }

        var decides = parts.Select(p => p.Decides()).OrderByDescending(p => p.Share).ToList();
        var (tie, wins, gone) = (Hundred(tied, asked.Classes), Hundred(won, asked.Classes), Hundred(out_, asked.Classes * asked.Teams));
        return Result<RehearsalReport>.Ok(new(inputs, RehearsalWords.Say(compiled.Brief, asked, tie, wins, gone, decides), asked.Classes, tie, wins, gone, decides));
    }

    private static RehearsalInput Input(CompiledEdition compiled, TryHandle handle, RehearsalAsked asked)
    {
        var said = asked.Expected.TryGetValue(handle.Id, out var own);
        var measure = compiled.Brief.Measures.FirstOrDefault(m => m.Id == handle.Id);
        var from = said ? RehearsalWords.Said : measure?.Expected is not null ? RehearsalWords.OfBrief : RehearsalWords.Guess;
        return new(handle.Id, handle.Name, handle.Unit, said ? own! : new(handle.Low, (handle.Low + handle.High) / 2, handle.High), from);
    }

    private static decimal Hundred(int of, int all) => all == 0 ? 0 : Math.Round(100m * of / all, 1);

    /// <summary>What is seen of a part from class to class.</summary>
    private sealed class PartSeen(string part, string name)
    {
        private double _share;
        private double _rank;
        private int _classes;
        private int _differed;

        public void See(IReadOnlyList<Standing> rows, int at)
        {
            if (rows.Count < 3) return;
            double[] points = [.. rows.Select(r => (double)(r.Parts[at].Points ?? 0))];
            double[] totals = [.. rows.Select(r => (double)r.Total!.Value)];
            _classes++;
            if (points.Distinct().Count() > 1) _differed++;
            var spread = Statistics.PopulationVariance(totals);
            if (spread > 0) _share += Statistics.PopulationCovariance(points, totals) / spread;
            var rank = Correlation.Spearman(points, rows.Select(r => (double)r.Place!.Value));
            if (!double.IsNaN(rank)) _rank += rank;
        }

        public PartDecides Decides() => new(part, name, Of(100 * _share), Math.Round((decimal)(_classes == 0 ? 0 : _rank / _classes), 3), Of(100.0 * _differed));

        private decimal Of(double sum) => _classes == 0 ? 0 : Math.Round((decimal)(sum / _classes), 1);
    }
}

/// <summary>How much a part decides.</summary>
/// <param name="Part">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Share">How much of what parts the teams comes from it, in a hundred; the parts' shares add up to a hundred where nothing else is added or taken off.</param>
/// <param name="Rank">How its points go with the place, by ranks: −1 where more points always are a better place.</param>
/// <param name="Differs">Of a hundred classes, in how many it gives any two teams different points.</param>
public sealed record PartDecides(string Part, string Name, decimal Share, decimal Rank, decimal Differs);
