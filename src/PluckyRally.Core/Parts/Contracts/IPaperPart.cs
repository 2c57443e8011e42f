using PluckyRally.Core.Briefs;
using PluckyRally.Core.Papers;

namespace PluckyRally.Core.Parts;

/// <summary>What paper asks of a part.</summary>
internal interface IPaperPart
{
    /// <summary>The part.</summary>
    Part Part { get; }

    /// <summary>Its tables on a judge's sheet; none where it is not recorded by itself.</summary>
    IEnumerable<PaperBlock> Paper { get; }

    /// <summary>Its sheet for the teams and the key to it; null where nothing is answered on paper.</summary>
    TaskPaper? TaskSheet { get; }

    /// <summary>The entries that stand on a judge's sheet.</summary>
    IEnumerable<PaperEntry> FromPaper(TypedPaper paper);
}

internal abstract partial record PartPlan : IPaperPart
{
    /// <inheritdoc/>
    public abstract IEnumerable<PaperBlock> Paper { get; }

    /// <inheritdoc/>
    public virtual TaskPaper? TaskSheet => null;

    /// <inheritdoc/>
    public abstract IEnumerable<PaperEntry> FromPaper(TypedPaper paper);

    /// <summary>A field of this part on a judge's sheet.</summary>
    private protected string Field(string what) => $"part.{Part.Id}.{what}";
}
