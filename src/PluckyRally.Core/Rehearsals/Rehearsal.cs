using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Rehearsals;

/// <summary>A brief with the classes that are to play it.</summary>
public sealed class Rehearsal
{
    private Rehearsal(
        CompiledEdition compiled,
        RehearsalAsked asked,
        ThingsRemembered remembered,
        IReadOnlyList<RehearsedThing> things
    ) =>
        (Compiled, Asked, Remembered, Things, Classes) = (
            compiled,
            asked,
            remembered,
            things,
            new RehearsedClasses(compiled, asked, [.. things.Select(t => t.As(asked))])
        );

    /// <summary>The brief, made ready.</summary>
    internal CompiledEdition Compiled { get; }

    /// <summary>How it is asked for.</summary>
    public RehearsalAsked Asked { get; }

    /// <summary>What earlier rallies tell.</summary>
    internal ThingsRemembered Remembered { get; }

    /// <summary>What is left to chance, as it is expected where nobody writes otherwise.</summary>
    internal IReadOnlyList<RehearsedThing> Things { get; }

    /// <summary>What is expected where nobody writes otherwise, each with where it comes from.</summary>
    public IReadOnlyList<RehearsalInput> Expected => [.. Things.Select(t => t.Shown)];

    internal RehearsedClasses Classes { get; }

    /// <summary>Makes a rehearsal of a brief ready, or says what stands in its way.</summary>
    /// <param name="brief">The whole brief.</param>
    /// <param name="tier">The tier that is rehearsed; empty for the brief itself.</param>
    /// <param name="asked">What is expected, how many classes, from which seed.</param>
    /// <param name="remembered">What earlier rallies tell.</param>
    public static Result<Rehearsal> Of(Brief brief, string tier, RehearsalAsked asked, ThingsRemembered remembered)
    {
        var compiled = Ready(brief, tier);
        return compiled.IsOk ? Of(compiled.Value, asked, remembered) : Result<Rehearsal>.Refused(compiled.Problems);
    }

    /// <summary>
    /// The same of the brief as it might be, on the same classes: what was expected of things that it no longer has is
    /// left out.
    /// </summary>
    internal static Result<Rehearsal> Of(
        Brief brief,
        string tier,
        IReadOnlyList<Change> changes,
        RehearsalAsked asked,
        ThingsRemembered remembered
    )
    {
        var changed = Changes.Apply(brief, changes);
        if (!changed.IsOk)
            return Result<Rehearsal>.Refused(changed.Problems);
        var compiled = Ready(changed.Value.Value, tier);
        return compiled.IsOk
            ? Of(compiled.Value, asked.Without(compiled.Value, remembered), remembered)
            : Result<Rehearsal>.Refused(compiled.Problems);
    }

    private static Result<CompiledEdition> Ready(Brief brief, string tier)
    {
        var edition = Editions.Resolve(brief, tier);
        return edition.IsOk ? CompiledEdition.For(edition.Value) : Result<CompiledEdition>.Refused(edition.Problems);
    }

    /// <summary>The same of an edition.</summary>
    /// <param name="compiled">The brief, made ready.</param>
    /// <param name="asked">What is expected, how many classes, from which seed.</param>
    /// <param name="remembered">What earlier rallies tell.</param>
    public static Result<Rehearsal> Of(CompiledEdition compiled, RehearsalAsked asked, ThingsRemembered remembered)
    {
        var things = RehearsedThings.Of(compiled, remembered);
        if (asked.Problems(things) is { Count: > 0 } wrong)
            return Result<Rehearsal>.Refused(wrong);
        var rehearsal = new Rehearsal(compiled, asked, remembered, things);
        return rehearsal.Classes.Problems() is { Count: > 0 } refused
            ? Result<Rehearsal>.Refused(refused)
            : Result<Rehearsal>.Ok(rehearsal);
    }
}
