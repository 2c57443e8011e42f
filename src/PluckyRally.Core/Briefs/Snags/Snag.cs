using System.Text.Json;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>How much a snag matters.</summary>
public enum SnagWeight
{
    /// <summary>No class can run the brief before it is fixed.</summary>
    Stops,

    /// <summary>It can be run, and it will probably go wrong in the lesson.</summary>
    Matters,

    /// <summary>Worth a thought.</summary>
    Hint,
}

/// <summary>
/// Something in a brief that is unclear, unfair, unsafe or impossible, found before a class finds it.
/// </summary>
/// <param name="Id">Which check found it.</param>
/// <param name="Weight">How much it matters.</param>
/// <param name="At">The place in the brief, items named by their id.</param>
/// <param name="What">What is wrong.</param>
/// <param name="Why">Why it matters.</param>
/// <param name="Fix">What can be done with one touch.</param>
/// <param name="Tier">The id of the tier in which it stands; empty where it is in the brief itself.</param>
public sealed record Snag(
    string Id,
    SnagWeight Weight,
    string At,
    string What,
    string Why,
    Fix? Fix = null,
    string Tier = ""
)
{
    /// <summary>Names it among the snags that a teacher has decided to leave.</summary>
    public string Key => $"{Id} {At} {Tier}".TrimEnd();
}

/// <summary>What can be done about a snag with one touch.</summary>
/// <param name="Label">What it does, for a button.</param>
/// <param name="Changes">The changes, in order.</param>
/// <param name="But">What it would bring about, or which rule it does not fit; empty where it does no harm.</param>
public sealed record Fix(string Label, IReadOnlyList<Change> Changes, string But = "");

/// <summary>What a change does at its place.</summary>
public enum ChangeKind
{
    /// <summary>Puts the value there.</summary>
    Set,

    /// <summary>Adds the value to the list there.</summary>
    Append,
}

/// <summary>A change of a brief.</summary>
/// <param name="Kind">What it does.</param>
/// <param name="At">The place, items named by their id.</param>
/// <param name="Value">The value.</param>
/// <param name="Tier">The id of the tier for which it holds; empty for the brief itself.</param>
public sealed record Change(ChangeKind Kind, string At, JsonElement Value, string Tier = "")
{
    /// <summary>Puts a value somewhere.</summary>
    public static Change Set<T>(string at, T value) =>
        new(ChangeKind.Set, at, JsonSerializer.SerializeToElement(value, Json.Options));

    internal static Change Append<T>(string at, T value) =>
        new(ChangeKind.Append, at, JsonSerializer.SerializeToElement(value, Json.Options));
}
