using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Teams;

/// <summary>What teams should be like.</summary>
public sealed record TeamPreferences
{
    /// <summary>Students in a team, from 1. With 1, everyone works alone.</summary>
    public int Size { get; init; } = 4;

    /// <summary>
    /// How many teams there are to be, from 1; then the size follows from it. Absent where the size is asked for.
    /// </summary>
    public int? Teams { get; init; }

    /// <summary>Students who should be in one team, by id.</summary>
    public IReadOnlyList<IReadOnlyList<StudentId>> Together { get; init; } = [];

    /// <summary>Students of whom no two should be in one team, by id.</summary>
    public IReadOnlyList<IReadOnlyList<StudentId>> Apart { get; init; } = [];

    /// <summary>Students to be spread over the teams as evenly as they come, by id.</summary>
    public IReadOnlyList<IReadOnlyList<StudentId>> Spread { get; init; } = [];

    /// <summary>Teams that stay as they are, by their students' ids.</summary>
    public IReadOnlyList<IReadOnlyList<StudentId>> Locked { get; init; } = [];

    /// <summary>Who has worked with whom how often.</summary>
    public IReadOnlyList<EarlierPair> Earlier { get; init; } = [];

    /// <summary>Any whole number; the same one makes the same teams.</summary>
    public int Seed { get; init; }
}

/// <summary>Two students who have been in one team.</summary>
/// <param name="One">A student's id.</param>
/// <param name="Other">Another student's id.</param>
/// <param name="Times">How often, from 1.</param>
public sealed record EarlierPair(StudentId One, StudentId Other, int Times);

/// <summary>A student.</summary>
/// <param name="Id">Names the student.</param>
/// <param name="Name">Given name and initial.</param>
public sealed record Student(StudentId Id, string Name);

/// <summary>Teams that were made.</summary>
/// <param name="Teams">The teams, by their students' ids; locked ones first.</param>
/// <param name="Again">Who is together again: each pair, with how often it has been in one team before, most often
/// first.</param>
/// <param name="Unkept">Preferences that could not be kept, each with why, as sentences.</param>
public sealed record TeamsMade(
    IReadOnlyList<IReadOnlyList<StudentId>> Teams,
    IReadOnlyList<EarlierPair> Again,
    IReadOnlyList<string> Unkept
)
{
    /// <summary>How often, in all, students meet somebody they have worked with before.</summary>
    public int Repeats => Again.Sum(p => p.Times);
}
