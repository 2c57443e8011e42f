using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Live;

/// <summary>
/// What is worked out of a rally once for a state of its log, and shared by all who ask. While one is being answered
/// the others wait, and are given what was worked out then if it is as new as what they asked for: a storm of entries
/// costs no more than one at a time.
/// </summary>
internal sealed class RoundCache(RallyCache kept)
{
    /// <summary>More rounds than are run at once; those of an old lesson need not stay.</summary>
    private const int Most = 64;

    /// <summary>
    /// So many times everything is drawn anew, so that nobody waits long: a class's chances are good to one in a
    /// hundred, as one standard deviation at a half (√(¼/2000) = 0.011), those of a fair of thousands of entries to
    /// five.
    /// </summary>
    private static int Draws(OpenedRally opened) => Math.Clamp(400_000 / Math.Max(1, opened.Stands.Count), 100, 2000);

    /// <summary>States are counted anew whenever the server starts.</summary>
    private static readonly string Run = Guid.NewGuid().ToString("N")[..8];

    private readonly ConditionalWeakTable<KeptRally, object> _numbers = [];
    private readonly ConcurrentDictionary<Guid, KeptRally> _answered = new();
    private readonly ConcurrentDictionary<(Guid, int, bool), Shared<RoundSheets>> _sheets = new();
    private readonly ConcurrentDictionary<(Guid, int), Shared<Standings>> _standings = new();
    private readonly ConcurrentDictionary<(Guid, int), Shared<ClockOnWall>> _clocks = new();
    private readonly ConcurrentDictionary<(Guid, int), Shared<Confidence>> _sure = new();
    private readonly ConditionalWeakTable<RoundSheets, RallyProgress> _progress = [];
    private readonly ConcurrentDictionary<string, (string States, OverAll List)> _lists = new();
    private long _counted;

    /// <summary>
    /// Names the ground on which numbers of entries stand: this run of the server, as long as nothing was changed that
    /// is in no log.
    /// </summary>
    public string Ground => $"{Run}-{kept.Forgotten}";

    /// <summary>Names a state of a rally among all that there ever were.</summary>
    public string NameOf(KeptRally rally) =>
        $"{Run}-{_numbers.GetValue(rally, _ => Interlocked.Increment(ref _counted))}";

    /// <summary>
    /// The state that whoever was told of so many entries is answered from: the one that others were answered from, if
    /// it is as new as that. What came since everybody is told of next, so the windows of a hall share one state for
    /// each time that they are told, however many entries come between.
    /// </summary>
    /// <param name="newest">The rally as it is now.</param>
    /// <param name="announced">How many entries the live line announced; absent where the newest is wanted.</param>
    public KeptRally At(KeptRally newest, int? announced)
    {
        if (announced is not { } enough || !newest.Opened.IsOk)
            return newest;
        if (
            _answered.TryGetValue(newest.Stored.Id, out var known)
            && known.Opened is { IsOk: true } opened
            && ReferenceEquals(opened.Value.Begun, newest.Opened.Value.Begun)
            && opened.Value.Received.Count >= Math.Min(enough, newest.Opened.Value.Received.Count)
        )
            return known;
        if (_answered.Count > Most)
            _answered.Clear();
        return _answered[newest.Stored.Id] = newest;
    }

    /// <summary>The standings of a round, of this state or a later one.</summary>
    /// <param name="rally">The rally; it has been opened.</param>
    /// <param name="round">The round.</param>
    public Standings Standings(KeptRally rally, int round) =>
        In(_standings, (rally.Stored.Id, round)).Get(rally, kept, (_, now) => now.Result(round).Standings);

    /// <summary>How sure the places of a round are.</summary>
    public Confidence Sure(KeptRally rally, int round) =>
        In(_sure, (rally.Stored.Id, round)).Get(rally, kept, (_, now) => Confidence.Of(now, round, Draws(now)));

    /// <summary>The clock as walls show it, but for what time it is.</summary>
    public ClockOnWall Clock(KeptRally rally, int round) =>
        In(_clocks, (rally.Stored.Id, round))
            .Get(rally, kept, (_, now) => ClockOnWall.Of([rally with { Opened = Result<OpenedRally>.Ok(now) }], round));

    /// <summary>The sheets of a round, of this state or a later one.</summary>
    /// <param name="rally">The rally; it has been opened.</param>
    /// <param name="round">The round.</param>
    /// <param name="points">Whether points are wanted too.</param>
    public RoundSheets SheetsOf(KeptRally rally, int round, bool points) =>
        In(_sheets, (rally.Stored.Id, round, points))
            .Get(rally, kept, (before, now) => before?.With(now, points) ?? RoundSheets.Of(now, round));

    /// <summary>
    /// The list over rallies of one brief: a fair's helpers and boards all ask for it, every few seconds.
    /// </summary>
    public OverAll ListOver(IReadOnlyList<(KeptRally Rally, int Round)> rallies, Combined chosen)
    {
        if (_lists.Count > Most)
            _lists.Clear();
        var states = string.Join(' ', rallies.Select(r => NameOf(r.Rally)));
        var key = string.Join(' ', rallies.Select(r => $"{r.Rally.Stored.Id}").Append(Json.Write(chosen)));
        if (_lists.TryGetValue(key, out var known) && known.States == states)
            return known.List;
        var list = OverAll.Of(
            [.. rallies.Select(r => new RallyJoining(r.Rally.Stored.Id, r.Rally.Opened.OrThrow(), r.Round))],
            chosen
        );
        _lists[key] = (states, list);
        return list;
    }

    /// <summary>How far the rally was when some sheets were worked out.</summary>
    public RallyProgress Progress(RoundSheets sheets) => _progress.GetValue(sheets, RallyProgress.Of);

    private static Shared<T> In<TKey, T>(ConcurrentDictionary<TKey, Shared<T>> all, TKey key)
        where TKey : notnull
        where T : class
    {
        if (all.Count > Most)
            all.Clear();
        return all.GetOrAdd(key, _ => new());
    }

    private sealed class Shared<T>
        where T : class
    {
        private readonly Lock _turn = new();
        private volatile Known? _known;

        public T Get(KeptRally rally, RallyCache kept, Func<T?, OpenedRally, T> work)
        {
            var wanted = rally.Opened.OrThrow();
            if (_known is { } known && known.Suits(wanted))
                return known.Value;
            lock (_turn)
            {
                if (_known is { } meanwhile && meanwhile.Suits(wanted))
                    return meanwhile.Value;
                var now = kept.Find(rally.Stored.Id) is { Opened: { IsOk: true } newest } ? newest.Value : wanted;
                var value = work(_known?.Value, now);
                _known = new(now, value);
                return value;
            }
        }

        private sealed record Known(OpenedRally Of, T Value)
        {
            /// <summary>Whether it is of that state or a later one; a rally that was read again is another.</summary>
            public bool Suits(OpenedRally wanted) =>
                ReferenceEquals(Of, wanted)
                || (ReferenceEquals(Of.Begun, wanted.Begun) && Of.Received.Count >= wanted.Received.Count);
        }
    }
}
