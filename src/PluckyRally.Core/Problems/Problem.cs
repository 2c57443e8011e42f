namespace PluckyRally.Core.Problems;

/// <summary>How much a problem matters: an error stops what was asked, a warning does not.</summary>
public enum Severity
{
    /// <summary>What was asked cannot be done until this is fixed.</summary>
    Error,

    /// <summary>It was done; this is worth knowing.</summary>
    Warning,
}

/// <summary>Something wrong with what was given: where, what, and what would do.</summary>
/// <param name="At">Place in the document, as a JSON pointer; items that have an id are named by it:
/// <c>/measures/height/step</c>.</param>
/// <param name="What">What is wrong, as a sentence for the teacher.</param>
/// <param name="Remedy">What would do, as a sentence for the teacher.</param>
/// <param name="Severity">Whether it stops the work.</param>
public sealed record Problem(string At, string What, string Remedy, Severity Severity = Severity.Error)
{
    /// <summary>
    /// The same problem, seen from a document in which this one sits below <paramref name="prefix"/>.
    /// </summary>
    public Problem Under(string prefix) => this with { At = prefix + At };

    /// <inheritdoc/>
    public override string ToString() => $"{(At.Length == 0 ? "/" : At)}: {What} {Remedy}";
}
