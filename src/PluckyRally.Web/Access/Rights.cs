using System.Collections.Frozen;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Access;

/// <summary>What is done here, as far as it differs who may.</summary>
internal enum Operation
{
    /// <summary>Joins or signs in, and asks who it is.</summary>
    ComeIn,

    /// <summary>Holds a live line, and is told of news.</summary>
    Follow,

    /// <summary>Sees a fair day: who is at which table.</summary>
    SeeDay,

    /// <summary>Sees what a class may see from its seats.</summary>
    SeeWall,

    /// <summary>Sees the questions of the talk, as a team does.</summary>
    Talk,

    /// <summary>Writes entries; which ones is said by <see cref="EntryRights"/>.</summary>
    Record,

    /// <summary>Sees teams, sheets and what is asked of a judge.</summary>
    Score,

    /// <summary>Takes photos and sees them.</summary>
    Photograph,

    /// <summary>Sees what instruments show.</summary>
    ReadInstruments,

    /// <summary>All else.</summary>
    Lead,
}

/// <summary>The one table of who may do what. What stands in no row is refused.</summary>
internal static class Rights
{
    private static readonly FrozenDictionary<Operation, FrozenSet<CallerRole>> Table = new Dictionary<
        Operation,
        CallerRole[]
    >
    {
        [Operation.ComeIn] = Enum.GetValues<CallerRole>(),
        [Operation.Follow] =
        [
            CallerRole.Wall,
            CallerRole.Team,
            CallerRole.Helper,
            CallerRole.Judge,
            CallerRole.Teacher,
        ],
        [Operation.SeeDay] =
        [
            CallerRole.Wall,
            CallerRole.Team,
            CallerRole.Helper,
            CallerRole.Judge,
            CallerRole.Teacher,
        ],
        [Operation.SeeWall] =
        [
            CallerRole.Wall,
            CallerRole.Team,
            CallerRole.Helper,
            CallerRole.Judge,
            CallerRole.Teacher,
        ],
        [Operation.Talk] = [CallerRole.Team, CallerRole.Judge, CallerRole.Teacher],
        [Operation.Record] = [CallerRole.Team, CallerRole.Helper, CallerRole.Judge, CallerRole.Teacher],
        [Operation.Score] = [CallerRole.Helper, CallerRole.Judge, CallerRole.Teacher],
        [Operation.Photograph] = [CallerRole.Helper, CallerRole.Judge, CallerRole.Teacher],
        [Operation.ReadInstruments] = [CallerRole.Helper, CallerRole.Judge, CallerRole.Teacher],
        [Operation.Lead] = [CallerRole.Teacher],
    }.ToFrozenDictionary(row => row.Key, row => row.Value.ToFrozenSet());

    /// <summary>Whether somebody with a role may do something.</summary>
    public static bool Allow(CallerRole role, Operation operation) =>
        Table.TryGetValue(operation, out var roles) && roles.Contains(role);
}
