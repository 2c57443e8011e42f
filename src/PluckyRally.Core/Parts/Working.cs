using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Parts;

/// <summary>
/// A step on the way to a part's value: facts only, from which what is said is made. The cases stand with their parts,
/// in the file that says them.
/// </summary>
internal abstract partial record Working
{
    private Working() { }

    /// <summary>
    /// What it adds to the part's value; all steps together are the value. Nothing for a step that only tells.
    /// </summary>
    public virtual decimal Adds => 0;

    /// <summary>The entries that it rests on.</summary>
    public IReadOnlyList<EntryId> Entries { get; init; } = [];

    /// <summary>The step as a sentence.</summary>
    public abstract string Say();
}
