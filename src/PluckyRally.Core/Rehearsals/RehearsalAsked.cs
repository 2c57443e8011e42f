using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Rehearsals;

/// <summary>What is expected of one thing that teams do, or that happens to them.</summary>
/// <param name="Handle">Names it: a measure's id, a part's id with what of it, or the place of a rule, of the trials or
/// of a phase.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit; empty where there is none.</param>
/// <param name="Expected">The smallest, the usual and the largest value; absent for what happens or does not.</param>
/// <param name="InAHundred">How often it happens, in 100 tries; absent for a value.</param>
/// <param name="From">Where that comes from.</param>
/// <param name="IsGuess">Whether nobody knows it: neither the brief nor an earlier class says.</param>
public sealed record RehearsalInput(
    string Handle,
    string Name,
    string Unit,
    Pert? Expected,
    decimal? InAHundred,
    string From,
    bool IsGuess = false
)
{
    /// <summary>For levels: the words of the values from 0.</summary>
    public IReadOnlyList<string> Words { get; init; } = [];
}

/// <summary>How a rehearsal is asked for.</summary>
public sealed record RehearsalAsked
{
    /// <summary>What is expected of values, where somebody said otherwise than the brief; by handle.</summary>
    public IReadOnlyDictionary<string, Pert> Expected { get; init; } = new Dictionary<string, Pert>();

    /// <summary>How often something happens in 100 tries, where somebody said otherwise; by handle.</summary>
    public IReadOnlyDictionary<string, decimal> Chances { get; init; } = new Dictionary<string, decimal>();

    /// <summary>Teams of a class.</summary>
    public int Teams { get; init; } = 8;

    /// <summary>Classes that are played: each set of teams plays <see cref="Plays"/> times.</summary>
    public int Classes { get; init; } = 1000;

    /// <summary>
    /// How alike a team's attempts at one thing are, in a hundred: what is not its own is the moment's.
    /// </summary>
    public decimal Alike { get; init; } = 60;

    /// <summary>How far a team that is good at one thing is good at the others, in a hundred.</summary>
    public decimal AllRound { get; init; } = 40;

    /// <summary>Where chance begins: the same seed gives the same words.</summary>
    public int Seed { get; init; } = 1;

    /// <summary>How often the same teams play, so that luck can be told from skill.</summary>
    public const int Plays = 5;

    /// <summary>No value of a class is larger.</summary>
    private const decimal Largest = 1_000_000_000;

    /// <summary>Teams and classes that can be asked for at the most.</summary>
    public const int MostTeams = 30,
        MostClasses = 2000;

    /// <summary>The classes as sets of teams.</summary>
    internal int LineUps => (Classes + Plays - 1) / Plays;

    /// <summary>
    /// The same for a brief that was changed: what was expected of things that it no longer has is left out.
    /// </summary>
    internal RehearsalAsked Without(CompiledEdition compiled, ThingsRemembered remembered)
    {
        var things = RehearsedThings.Of(compiled, remembered);
        return this with
        {
            Expected = Expected
                .Where(e => things.OfType<RehearsedThing.Amount>().Any(t => t.Handle == e.Key))
                .ToDictionary(),
            Chances = Chances
                .Where(c => things.OfType<RehearsedThing.Happening>().Any(t => t.Handle == c.Key))
                .ToDictionary(),
        };
    }

    /// <summary>What is wrong with it.</summary>
    internal IReadOnlyList<Problem> Problems(IReadOnlyList<RehearsedThing> things)
    {
        var found = new ProblemCollector();
        found.Unless(
            Teams is >= 2 and <= MostTeams,
            "/teams",
            "The number of teams is out of range.",
            $"Use 2 to {MostTeams}."
        );
        found.Unless(
            Classes is >= 10 and <= MostClasses,
            "/classes",
            "The number of classes is out of range.",
            $"Use 10 to {MostClasses}."
        );
        foreach (
            var (value, at, name) in new[]
            {
                (Alike, "/alike", "How alike attempts are"),
                (AllRound, "/allRound", "How much good teams are good at everything"),
            }
        )
            found.Unless(value is >= 0 and <= 100, at, $"{name} is a number of 100.", "Use 0 to 100.");
        foreach (var (handle, pert) in Expected)
        {
            found.Unless(
                things.OfType<RehearsedThing.Amount>().Any(t => t.Handle == handle),
                $"/expected/{ProblemCollector.Short(handle)}",
                "The brief has no such value.",
                "Leave it out."
            );
            found.Unless(
                Math.Max(Math.Abs(pert.Low), Math.Abs(pert.High)) <= Largest,
                $"/expected/{ProblemCollector.Short(handle)}",
                "This number is too large.",
                "Use at most a thousand million."
            );
            found.Unless(
                pert.IsOrdered,
                $"/expected/{ProblemCollector.Short(handle)}",
                "The usual value does not lie between the other two.",
                "Write the smallest, the usual and the largest."
            );
        }

        foreach (var (handle, share) in Chances)
        {
            found.Unless(
                things.OfType<RehearsedThing.Happening>().Any(t => t.Handle == handle),
                $"/chances/{ProblemCollector.Short(handle)}",
                "The brief has nothing of the sort that happens or does not.",
                "Leave it out."
            );
            found.Unless(
                share is >= 0 and <= 100,
                $"/chances/{ProblemCollector.Short(handle)}",
                "This is a number of 100.",
                "Use 0 to 100."
            );
        }

        return found.Problems;
    }
}
