using System.Collections.Concurrent;
using PluckyRally.Core.Instruments;
using PluckyRally.Core.Readings;

namespace PluckyRally.Web.Instruments;

/// <summary>What a connected instrument shows, or how it was lost.</summary>
public enum InstrumentState
{
    /// <summary>Nothing to show yet.</summary>
    Idle,

    /// <summary>The display still moves; such a reading is never taken.</summary>
    Moving,

    /// <summary>The display has come to rest.</summary>
    Stable,

    /// <summary>More is on it than it can measure.</summary>
    Overloaded,

    /// <summary>The line is lost.</summary>
    Lost,
}

/// <summary>An instrument as a judge sees it.</summary>
/// <param name="Id">Names it.</param>
/// <param name="Name">What a judge calls it.</param>
/// <param name="Kind">What it measures.</param>
/// <param name="State">How it is.</param>
/// <param name="Shown">What its display shows, number and unit; empty where it shows nothing.</param>
/// <param name="HeardAt">When it was last heard.</param>
public sealed record Instrument(
    string Id,
    string Name,
    MeasureKind Kind,
    InstrumentState State,
    string Shown,
    DateTimeOffset HeardAt
);

/// <summary>The instruments that are connected, or were.</summary>
internal sealed class InstrumentBoard(TimeProvider time)
{
    /// <summary>An instrument that says nothing for so long is lost even if its line still stands.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(3);

    private readonly ConcurrentDictionary<string, (Instrument Instrument, Func<string, Task> Tell)> _instruments =
        new();

    public IReadOnlyList<Instrument> All() =>
        [
            .. _instruments
                .Values.Select(i => i.Instrument)
                .OrderBy(i => i.Name, StringComparer.Ordinal)
                .Select(i =>
                    time.GetUtcNow() - i.HeardAt > Patience ? i with { State = InstrumentState.Lost, Shown = "" } : i
                ),
        ];

    public void Greet(InstrumentLine.Greeting hello, Func<string, Task> tell) =>
        _instruments[hello.Id] = (
            new(hello.Id, hello.Name, hello.Kind, InstrumentState.Idle, "", time.GetUtcNow()),
            tell
        );

    public void Hear(string id, InstrumentLine line)
    {
        var (state, shown) = line switch
        {
            InstrumentLine.Shows shows => (
                shows.Stable ? InstrumentState.Stable : InstrumentState.Moving,
                $"{shows.Value.ToString(System.Globalization.CultureInfo.InvariantCulture)} {shows.Unit}"
            ),
            InstrumentLine.Overloaded => (InstrumentState.Overloaded, ""),
            _ => (InstrumentState.Idle, ""),
        };
        Change(id, known => known with { State = state, Shown = shown, HeardAt = time.GetUtcNow() });
    }

    public void Lose(string id) => Change(id, known => known with { State = InstrumentState.Lost, Shown = "" });

    /// <summary>
    /// Whatever else happens to an instrument at the same moment: one that greets anew is not overwritten by what its
    /// old line said last.
    /// </summary>
    private void Change(string id, Func<Instrument, Instrument> change)
    {
        while (
            _instruments.TryGetValue(id, out var known)
            && !_instruments.TryUpdate(id, (change(known.Instrument), known.Tell), known)
        ) { }
    }

    /// <summary>Sends a word to an instrument. False where it is not there.</summary>
    public async Task<bool> Tell(string id, string word)
    {
        if (All().FirstOrDefault(i => i.Id == id) is null or { State: InstrumentState.Lost })
            return false;
        await _instruments[id].Tell(word);
        return true;
    }
}
