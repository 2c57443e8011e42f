namespace PluckyRally.Core;

/// <summary>What is expected of one thing that teams do.</summary>
/// <param name="Handle">Names it: a measure's id, or a part's id with what of it.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit; empty where there is none.</param>
/// <param name="Expected">The smallest, the usual and the largest.</param>
/// <param name="From">Where that comes from.</param>
public sealed record RehearsalInput(string Handle, string Name, string Unit, Pert Expected, string From);

/// <summary>How a rehearsal is asked for.</summary>
public sealed record RehearsalAsked
{
    /// <summary>What is expected, where somebody said otherwise than the brief; by handle.</summary>
    public IReadOnlyDictionary<string, Pert> Expected { get; init; } = new Dictionary<string, Pert>();

    /// <summary>Teams of a class.</summary>
    public int Teams { get; init; } = 8;

    /// <summary>Classes that are played.</summary>
    public int Classes { get; init; } = 300;

    /// <summary>Attempts in a hundred that fail.</summary>
    public decimal Failed { get; init; } = 8;

    /// <summary>Must-haves in a hundred that are missed.</summary>
    public decimal Missed { get; init; } = 4;

    /// <summary>How much of a value is the team's own, and not the moment's, in a hundred: how alike its attempts are, and how far who is good at one thing is good at all.</summary>
    public decimal Alike { get; init; } = 60;

    /// <summary>Where chance begins: the same seed gives the same words.</summary>
    public int Seed { get; init; } = 1;

    /// <summary>Teams and classes that can be asked for at the most.</summary>
    public const int MostTeams = 30, MostClasses = 2000;

    /// <summary>What is wrong with it.</summary>
    internal IReadOnlyList<Problem> Problems(IReadOnlyList<TryHandle> handles)
    {
        var found = new ProblemCollector();
        found.Unless(Teams is >= 2 and <= MostTeams, "/teams", "The number of teams is out of range.", $"Use 2 to {MostTeams}.");
        found.Unless(Classes is >= 10 and <= MostClasses, "/classes", "The number of classes is out of range.", $"Use 10 to {MostClasses}.");
        foreach (var (value, at, name) in new[] { (Failed, "/failed", "Failed attempts"), (Missed, "/missed", "Missed must-haves"), (Alike, "/alike", "What is a team's own") })
            found.Unless(value is >= 0 and <= 100, at, $"{name} are counted in a hundred.", "Use 0 to 100.");
        foreach (var (handle, pert) in Expected)
        {
            found.Unless(handles.Any(h => h.Id == handle), $"/expected/{ProblemCollector.Short(handle)}", "The brief has no such thing.", "Leave it out.");
            found.Unless(pert.IsOrdered, $"/expected/{ProblemCollector.Short(handle)}", "The usual value does not lie between the other two.", "Write the smallest, the usual and the largest.");
        }

        return found.Problems;
    }
}
