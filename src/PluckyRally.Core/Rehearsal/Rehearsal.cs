namespace PluckyRally.Core;

/// <summary>A brief with the classes that are to play it.</summary>
public sealed class Rehearsal
{
    private Rehearsal(CompiledEdition compiled, RehearsalAsked asked, ThingsRemembered remembered, IReadOnlyList<RehearsedThing> things) =>
        (Compiled, Asked, Remembered, Things, Classes) = (compiled, asked, remembered, things, new RehearsedClasses(compiled, asked, [.. things.Select(t => t.As(asked))]));

    /// <summary>The brief, made ready.</summary>
    internal CompiledEdition Compiled { get; }

    /// <summary>How it is asked for.</summary>
    public RehearsalAsked Asked { get; }

    /// <summary>What earlier rallies tell.</summary>
    internal ThingsRemembered Remembered { get; }

    /// <summary>What is left to chance, as it is expected where nobody writes otherwise.</summary>
    internal IReadOnlyList<RehearsedThing> Things { get; }

    internal RehearsedClasses Classes { get; }

    /// <summary>Makes a rehearsal ready, or says what is wrong with what was asked.</summary>
    /// <param name="compiled">The brief, made ready.</param>
    /// <param name="asked">What is expected, how many classes, from which seed.</param>
    /// <param name="remembered">What earlier rallies tell.</param>
    public static Result<Rehearsal> Of(CompiledEdition compiled, RehearsalAsked asked, ThingsRemembered remembered)
    {
        var things = RehearsedThings.Of(compiled, remembered);
        if (asked.Problems(things) is { Count: > 0 } wrong) return Result<Rehearsal>.Refused(wrong);
        var rehearsal = new Rehearsal(compiled, asked, remembered, things);
        return rehearsal.Classes.Problems() is { Count: > 0 } refused ? Result<Rehearsal>.Refused(refused) : Result<Rehearsal>.Ok(rehearsal);
    }
}
