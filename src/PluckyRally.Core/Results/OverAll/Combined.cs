using System.Globalization;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Results;

/// <summary>What decides the order of teams of several rallies.</summary>
public enum CombinedBy
{
    /// <summary>Their totals, or a figure.</summary>
    Value,

    /// <summary>Points for the place in their own class.</summary>
    PlacePoints,

    /// <summary>The share of the most points that their edition could give.</summary>
    Share,
}

/// <summary>Which teams stand in one list.</summary>
public enum CombinedLists
{
    /// <summary>All.</summary>
    One,

    /// <summary>Those of one tier.</summary>
    Tier,

    /// <summary>Those of one class.</summary>
    Class,
}

/// <summary>How several rallies are combined: the teacher's choice.</summary>
public sealed record Combined
{
    /// <summary>A fair has no more rallies.</summary>
    public const int Most = 40;

    /// <summary>On a wall: the rallies beside the one whose wall it is.</summary>
    public IReadOnlyList<RallyId> Rallies { get; init; } = [];

    /// <summary>What it is in order of; empty for the total.</summary>
    public string Figure { get; init; } = "";

    /// <summary>What decides the order.</summary>
    public CombinedBy By { get; init; }

    /// <summary>Which teams stand in one list.</summary>
    public CombinedLists Lists { get; init; }

    /// <summary>Whether there are places although the rallies of a list do not compare.</summary>
    public bool Anyway { get; init; }

    /// <summary>What each place in a class gives, from the first on; places after them give nothing.</summary>
    public IReadOnlyList<decimal> PlacePoints { get; init; } = UsualPlacePoints;

    /// <summary>Points for places, where nothing else is chosen.</summary>
    public static IReadOnlyList<decimal> UsualPlacePoints { get; } = [10, 8, 6, 5, 4, 3, 2, 1];

    /// <summary>More places than these nobody writes down.</summary>
    private const int MostPlaces = 40;

    /// <summary>The choice as it is written in an address or on a command line.</summary>
    /// <param name="figure">What it is in order of; empty for the total.</param>
    /// <param name="by">A value of <see cref="CombinedBy"/>, in any case.</param>
    /// <param name="lists">A value of <see cref="CombinedLists"/>, in any case.</param>
    /// <param name="anyway">Whether there are places although rallies do not compare.</param>
    /// <param name="placePoints">What each place gives, with commas between; empty for the usual points.</param>
    public static Result<Combined> Read(string figure, string by, string lists, bool anyway, string placePoints)
    {
        var found = new ProblemCollector();
        var order = Named<CombinedBy>(by, "/by", found);
        var teams = Named<CombinedLists>(lists, "/lists", found);
        var points = UsualPlacePoints;
        if (placePoints.Trim().Length > 0)
        {
            var read = placePoints.Split(',').Select(Number).ToList();
            found.Unless(
                read.All(p => p is not null),
                "/placePoints",
                "The points for places are not numbers.",
                "Write them with commas between, for example 5, 3, 1."
            );
            points = [.. read.Select(p => p ?? 0)];
        }

        var chosen = new Combined
        {
            Figure = figure,
            By = order,
            Lists = teams,
            Anyway = anyway,
            PlacePoints = points,
        };
        if (found.Problems.Count == 0)
            found.AddAll(chosen.Problems());
        return found.Problems.Count > 0 ? Result<Combined>.Refused(found.Problems) : Result<Combined>.Ok(chosen);
    }

    /// <summary>The choice in a few words: "by points for places (10, 8, 6), a list for each tier".</summary>
    public string InWords() => OverAllWords.Choice(this);

    private static decimal? Number(string typed) =>
        decimal.TryParse(typed.Trim(), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
            ? number
            : null;

    private static T Named<T>(string name, string at, ProblemCollector found)
        where T : struct, Enum
    {
        foreach (var value in Enum.GetValues<T>())
            if (value.ToString().Equals(name, StringComparison.OrdinalIgnoreCase))
                return value;
        found.Add(
            at,
            $"“{ProblemCollector.Short(name)}” cannot be chosen here.",
            $"Use one of these: {string.Join(", ", Enum.GetNames<T>().Select(n => n.ToLowerInvariant()))}."
        );
        return default;
    }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.Unless(
            PlacePoints.Count <= MostPlaces && (PlacePoints.Count > 0 || By != CombinedBy.PlacePoints),
            "/placePoints",
            "No points are named for places, or too many.",
            $"Write what the first place gives, then the second, for at most {MostPlaces} places."
        );
        found.Unless(
            PlacePoints.All(p => p is >= 0 and <= Limits.Number),
            "/placePoints",
            "A place cannot give less than 0 points.",
            "Use 0 or more for each place."
        );
        found.Unless(
            PlacePoints.Zip(PlacePoints.Skip(1)).All(p => p.Second <= p.First),
            "/placePoints",
            "A later place gives more than the one before it.",
            "Write the first place’s points first."
        );
        return found.Problems;
    }
}
