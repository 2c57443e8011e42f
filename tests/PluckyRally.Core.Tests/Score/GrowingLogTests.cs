using System.Reflection;
using CsCheck;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Tests.Results;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Score;

/// <summary>
/// A rally that is kept in memory grows entry by entry; it must be what reading the whole log again would give.
/// </summary>
public sealed class GrowingLogTests
{
    private static readonly Brief Brief = EveryKind.Brief() with
    {
        Timing = new() { Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true)] },
        Deals =
        [
            new()
            {
                Id = "zqground",
                Name = "Ground",
                Cards = [new() { Id = "zqdry", Name = "Dry" }, new() { Id = "zqwet", Name = "Wet" }],
            },
        ],
    };

    private static readonly CompiledEdition Compiled = Sample.Ready(Brief);

    /// <summary>What judges record of its parts and measures, as one play of it has them.</summary>
    private static readonly IReadOnlyList<Entry> Played = EveryKind.Play(Compiled).Log;

    /// <summary>Each kind of entry, made of a number and of what the log holds already.</summary>
    private static readonly Func<int, IReadOnlyList<Entry>, Entry?>[] Kinds =
    [
        .. Played
            .Select(e => e.GetType())
            .Distinct()
            .Select(kind =>
                (Func<int, IReadOnlyList<Entry>, Entry?>)(
                    (number, _) =>
                    {
                        var all = Played.Where(e => e.GetType() == kind).ToList();
                        return all[number % all.Count];
                    }
                )
            ),
        (_, log) => log.Count > 0 ? Struck(log[^1]) : null,
        (number, log) => log.Count > 0 ? Struck(log[number % log.Count]) : null,
        (number, _) => new Entry.AttemptsCut { Id = default, Attempts = 1 + (number % 3) },
        (number, _) => number % 4 == 0 ? new Entry.RoundClosed { Id = default } : null,
        (_, _) => new Entry.RoundReopened { Id = default },
        (number, _) =>
            new Entry.PlacesOpened
            {
                Id = default,
                Phase = "test",
                Places = 1 + (number % 3),
            },
        (number, _) =>
            new Entry.BriefMended
            {
                Id = default,
                Reason = "It was too hard.",
                Changes = [new("/trials/attempts", System.Text.Json.JsonElement.Parse($"{1 + (number % 4)}"))],
                OnlyThisRound = number % 2 == 0,
            },
        (_, _) => new Entry.PlanCleared { Id = default },
        (_, _) => new Entry.CameLate { Id = default },
        (number, _) =>
            new Entry.SentToTable
            {
                Id = default,
                Table = 1 + (number % 3),
                NotHere = number % 2 == 0,
            },
        (number, _) =>
            new Entry.TestOrderSet { Id = default, Teams = number % 2 == 0 ? [new("zqknots"), new("zqterns")] : [] },
        (_, _) => new Entry.HoldBegun { Id = default },
        (_, _) => new Entry.PhaseBegun { Id = default, Phase = "test" },
        (_, _) => new Entry.ClockPaused { Id = default },
        (_, _) => new Entry.ClockResumed { Id = default },
        (number, _) => new Entry.MinutesAdded { Id = default, Minutes = 1 + (number % 5) },
        (number, _) =>
            new Entry.TurnBegun
            {
                Id = default,
                Phase = "test",
                Teams = [new(number % 2 == 0 ? "zqterns" : "zqknots")],
            },
        (number, _) =>
            new Entry.WallSet
            {
                Id = default,
                Shows = WallShows.Board,
                Revealed = number % 4,
            },
        (number, _) => new Entry.NoteMade { Id = default, Text = $"note {number}" },
        (number, _) => new Entry.TagSeen { Id = default, Word = number % 2 == 0 ? "wide foot" : "hinge" },
        (_, _) => new Entry.AwardGiven { Id = default, Name = "Calmest" },
        (number, _) => new Entry.LookedBack { Id = default, Worked = $"the {number}th cane" },
        (number, _) => new Entry.AnswersHeld { Id = default, Held = number % 2 == 0 },
        (number, _) => new Entry.AnswerShown { Id = default, Answer = default },
        (number, _) =>
            new Entry.AnswerGiven
            {
                Id = default,
                Question = 0,
                Text = $"because of {number}",
            },
        (number, _) =>
            new Entry.DesignNoted
            {
                Id = default,
                Design = "",
                Changed = $"a knot of {number}",
            },
        (number, _) =>
            new Entry.TeamJoined
            {
                Id = default,
                Team = new($"zqlate{number}"),
                Name = $"Late {number}",
            },
        (number, _) =>
            new Entry.TeamChanged
            {
                Id = default,
                Members = 1 + (number % 6),
                Pennant = number % 3 == 0 ? number % 50 : null,
            },
        (_, _) => new Entry.TeamAway { Id = default, Reason = "a visit" },
        (_, _) => new Entry.TeamBack { Id = default },
        (number, _) => new Entry.StudentPlaced { Id = default, Student = new($"p{number % 7}") },
        (number, _) =>
            new Entry.CardsDealt
            {
                Id = default,
                Deal = "zqground",
                Cards = new Dictionary<TeamId, string>
                {
                    [new("zqterns")] = number % 2 == 0 ? "zqdry" : "zqwet",
                    [new("zqknots")] = "zqwet",
                },
                Reason = "dealt again",
            },
        (_, _) =>
            new Entry.ReferenceAdded
            {
                Id = default,
                Team = new("zqcontrol"),
                Name = "Bare hull",
                Purpose = Purpose.Control,
            },
        (number, _) =>
            new Entry.OverRoundsSet
            {
                Id = default,
                Over = new() { Way = (RoundsWay)(number % 4) },
            },
        (number, _) =>
            new Entry.InstrumentChecked
            {
                Id = default,
                Known = new() { Measure = "zqheight", Typed = "30 in" },
                Shown = new() { Measure = "zqheight", Typed = $"{29 + (number % 3)} in" },
            },
    ];

    /// <summary>What asks for things that this brief has not: each has tests of its own.</summary>
    private static readonly Type[] Elsewhere =
    [
        typeof(Entry.MarkGiven),
        typeof(Entry.AnswerGiven),
        typeof(Entry.AnswerShown),
        typeof(Entry.RelayStopped),
        typeof(Entry.AwardVoted),
        typeof(Entry.TargetSet),
        typeof(Entry.KitCounted),
        typeof(Entry.BagsDrawn),
        typeof(Entry.CardDrawn),
        typeof(Entry.HeatsDrawn),
    ];

    /// <summary>What may happen next: a kind and a number that the kind makes something of.</summary>
    private static readonly Gen<(int Kind, int Number)[]> Happenings = Gen.Select(
        Gen.Int[0, Kinds.Length - 1],
        Gen.Int[0, 60]
    ).Array[1, 40];

    [Fact]
    [Trait("run", "long")]
    public void Entry_by_entry_gives_the_same_as_all_at_once()
    {
        Happenings.Sample(Grow, iter: Thorough.Times(100));
    }

    /// <summary>Chance may leave a kind out, or refuse it each time; here each has its turn, eight times.</summary>
    [Fact]
    [Trait("run", "long")]
    public void Every_kind_of_entry_stands_in_a_log_that_grew()
    {
        var stood = Grown([.. Enumerable.Range(0, 8).SelectMany(number => Kinds.Select((_, kind) => (kind, number)))]);
        typeof(Entry)
            .GetNestedTypes(BindingFlags.Public)
            .Where(t => t.IsSubclassOf(typeof(Entry)) && !t.IsAbstract)
            .Except(stood)
            .Select(t => t.Name)
            .ShouldBe(Elsewhere.Select(t => t.Name), ignoreOrder: true);
    }

    /// <summary>What two teams did, and thirty happenings after it, each kind as likely as another.</summary>
    internal static Rally Drawn(int seed)
    {
        var random = new Random(seed);
        var grown = Begun();
        foreach (var entry in Played)
            grown = grown.With(Recorder.Accept(grown, Of(entry, 1, grown.Received.Count)).OrThrow()).OrThrow();
        for (var i = 0; i < 30; i++)
            grown = Next(grown, random.Next(Kinds.Length), random.Next(61)) ?? grown;
        return grown.Rally with { Name = $"Drawn by {seed}", Teams = grown.Joined, Entries = grown.Received };
    }

    /// <summary>What differs first, line by line: the whole would be too long to read.</summary>
    private static void Same<T>(T grown, T whole)
    {
        var (one, other) = (Json.Write(grown).Split('\n'), Json.Write(whole).Split('\n'));
        one.Except(other).Take(5).ShouldBeEmpty();
        one.ShouldBe(other);
    }

    private static void Grow((int Kind, int Number)[] happenings) => Grown(happenings);

    /// <summary>The kinds of entry that stand in a log that grew by these, as reading it whole gives it.</summary>
    private static HashSet<Type> Grown((int Kind, int Number)[] happenings)
    {
        var stood = new HashSet<Type>();
        var grown = Begun();
        foreach (var (kind, number) in happenings)
        {
            if (Next(grown, kind, number) is not { } next)
                continue;
            grown = next;
            stood.Add(next.Received[^1].GetType());
        }

        var whole = OpenedRally.Open(grown.Rally with { Teams = grown.Joined, Entries = grown.Received }).OrThrow();
        foreach (var round in new[] { 1, 2 })
            Same(grown.Result(round).Standings, whole.Result(round).Standings);
        Same(TeamSheet.Of(grown, 1), TeamSheet.Of(whole, 1));
        grown.In(1).Compiled.Brief.Trials.Attempts.ShouldBe(whole.In(1).Compiled.Brief.Trials.Attempts);
        return stood;
    }

    private static OpenedRally Begun() =>
        OpenedRally
            .Open(
                new()
                {
                    Name = "A class",
                    Edition = Compiled.Edition,
                    Teams = EveryKind.Play(Compiled).Teams,
                }
            )
            .OrThrow();

    /// <summary>The rally with this happening; null where it is not taken.</summary>
    private static OpenedRally? Next(OpenedRally grown, int kind, int number) =>
        Kinds[kind](number, grown.Rally.Entries) is { } next
        && Recorder.Accept(grown, Of(next, number, grown.Received.Count)) is { IsOk: true } taken
            ? grown.With(taken.Value).OrThrow()
            : null;

    private static Entry.StruckOut Struck(Entry entry) => new() { Id = default, Entry = entry.Id };

    private static bool IsOfTheClass(Entry entry) =>
        entry
            is Entry.OfClock
                or Entry.RoundClosed
                or Entry.RoundReopened
                or Entry.BriefMended
                or Entry.TestOrderSet
                or Entry.CardsDealt
                or Entry.OverRoundsSet
                or Entry.AnswersHeld;

    /// <summary>Said of a team where it names none of its own, in one of two rounds.</summary>
    private static Entry Of(Entry entry, int number, int count) =>
        entry with
        {
            Id = new(new Guid(count + 1, 1, 1, new byte[8])),
            Team =
                entry.Team != default
                    ? entry.Team
                    : new(
                        IsOfTheClass(entry) ? ""
                        : number % 2 == 0 ? "zqterns"
                        : "zqknots"
                    ),
            Round = number > 50 ? 2 : 1,
        };
}
