using System.Runtime.CompilerServices;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// What a round came to: made once for each state of a rally, its parts when they are first asked for. Everything that
/// is shown of a round is a view of it, so no two of them can differ.
/// </summary>
public sealed class RoundResult
{
    private readonly Lazy<RoundResult?> _before;
    private readonly Lazy<IReadOnlyDictionary<TeamId, Assessment>> _earlier;
    private readonly Lazy<IReadOnlyList<TeamResult>> _teams;
    private readonly Lazy<IReadOnlyList<ReferenceResult>> _references;
    private readonly Lazy<Standings> _standings;

    private RoundResult(RunRound run, StandingLog log, Func<RoundResult?> before)
    {
        (Run, Log) = (run, log);
        _before = new(before);
        _earlier = new(OfBefore);
        _teams = new(() => Scorer.Results(run, log, Earlier));
        _references = new(() => [.. run.References.Select(r => ReferenceResult.Of(run, r, log))]);
        _standings = new(() => StandingsWords.Write(this));
    }

    /// <summary>The standings, with the reasons for every number.</summary>
    public Standings Standings => _standings.Value;

    /// <summary>What the round before came to; null for the first.</summary>
    internal RoundResult? Before => Run.Before is null ? null : _before.Value;

    /// <summary>The round as it is run.</summary>
    internal RunRound Run { get; }

    /// <summary>What stands of the whole log.</summary>
    internal StandingLog Log { get; }

    /// <summary>The teams in order of standing.</summary>
    internal IReadOnlyList<TeamResult> Teams => _teams.Value;

    /// <summary>The comparisons, with what they came to.</summary>
    internal IReadOnlyList<ReferenceResult> References => _references.Value;

    /// <summary>What is known of every design of every team before any points.</summary>
    internal IEnumerable<DesignFacts> Designs => Teams.SelectMany(t => t.Designs).Select(d => d.Facts);

    /// <summary>
    /// What the designs were that stood for teams in the round before. That round's own brief says which they are and
    /// which of their attempts counted; what they come to is worked out by this one's, so that like is compared with
    /// like.
    /// </summary>
    internal IReadOnlyDictionary<TeamId, Assessment> Earlier => _earlier.Value;

    /// <summary>What a round of a rally came to; the same each time that it is asked for.</summary>
    internal static RoundResult Of(OpenedRally opened, int round) => Known.GetValue(opened, All.Of).Result(round);

    /// <summary>What a round comes to that is only thought of: played, drawn anew, with a team by itself.</summary>
    public static RoundResult Of(RunRound run, StandingLog log) =>
        new(run, log, () => run.Before is { } before ? Of(before, log) : null);

    private IReadOnlyDictionary<TeamId, Assessment> OfBefore()
    {
        if (Run.Before is null || !Log.Any(e => e.Round < Run.Number))
            return new Dictionary<TeamId, Assessment>();
        var before = _before.Value!;
        var results = before.Teams.ToDictionary(t => t.Team.Id, t => t.Assessment);
        return ReferenceEquals(before.Run.Compiled, Run.Compiled)
            ? results
            : results.ToDictionary(r => r.Key, r => Scorer.ByAnother(Run.Compiled, r.Value.Design));
    }

    // A rally is what it is; what was worked out of it lasts as long as that state of it does.
    private static readonly ConditionalWeakTable<OpenedRally, All> Known = [];

    /// <summary>The rounds of one state.</summary>
    private sealed class All(OpenedRally opened)
    {
        private readonly Lock _turn = new();
        private readonly Dictionary<int, RoundResult> _rounds = [];

        public static All Of(OpenedRally opened) => new(opened);

        public RoundResult Result(int round)
        {
            var run = opened.In(round);
            lock (_turn)
            {
                if (!_rounds.TryGetValue(run.Number, out var known))
                    _rounds[run.Number] = known = new(run, opened.Stands, () =>
                        run.Number > 1 ? Result(run.Number - 1) : null
                    );
                return known;
            }
        }
    }
}
