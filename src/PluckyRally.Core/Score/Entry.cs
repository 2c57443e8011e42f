using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Run;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

/// <summary>
/// One thing that happened in a rally, as the device that saw it wrote it down. Nothing is ever changed: a correction
/// is another entry.
/// </summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
public abstract partial record Entry
{
    private Entry() { }

    /// <summary>Made by the device that wrote it (UUID version 7); sending it twice changes nothing.</summary>
    public required EntryId Id { get; init; }

    /// <summary>When it was received, by the server's clock.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>
    /// When it was written, by the clock of the device that wrote it; absent where the server wrote it.
    /// </summary>
    public DateTimeOffset? DeviceAt { get; init; }

    /// <summary>Who wrote it.</summary>
    public string By { get; init; } = "";

    /// <summary>
    /// The day on the paper that it was written on first, and typed in from later; absent where it was recorded on a
    /// device.
    /// </summary>
    public DateOnly? OnPaper { get; init; }

    /// <summary>Who wrote it, as it is shown: with the day where it stood on paper first.</summary>
    internal string Writer => OnPaper is { } day ? $"{By}, on paper, {English.Day(day)}" : By;

    /// <summary>The team's id; empty for the whole class.</summary>
    public TeamId Team { get; init; }

    /// <summary>The round, from 1.</summary>
    public int Round { get; init; } = 1;

    /// <summary>
    /// How many entries the log had when the brief as it is run last changed, as far as the device knew that wrote it;
    /// absent where it did not say. What it means is understood by the brief that the device had.
    /// </summary>
    public int? EditionAsOf { get; init; }

    /// <summary>
    /// Whether it is the teacher's to write and to cross out: the clock, the wall, cuts, rounds, the order of the
    /// test, plans, kit.
    /// </summary>
    internal abstract bool IsTeachers { get; }

    /// <summary>Whether it may be the whole class's instead of a team's.</summary>
    internal virtual bool MayBeOfClass => false;

    /// <summary>Whether it may be of something that teams are compared with: what is recorded on a sheet.</summary>
    internal virtual bool MayBeOfReference => !IsTeachers;

    /// <summary>Whether it is taken into a round that is closed: what is no score.</summary>
    internal virtual bool GoesIntoClosedRound => false;

    /// <summary>Whether it says something of the work of a round, so that the round has begun.</summary>
    internal virtual bool BeginsRound => true;

    /// <summary>Whether it is between who wrote it and the teacher: no other judge is shown it.</summary>
    internal virtual bool IsPrivate => false;

    /// <summary>
    /// Whether the lesson's own log shows it: phases, pauses, minutes, cuts, the order of the test, rounds.
    /// </summary>
    internal virtual bool IsOfLesson => false;

    /// <summary>
    /// Whether it is written for all rallies of a <see cref="Lesson"/>: into the log of each. What only one of them
    /// knows, such as a phase that another tier leaves out, is in that one's alone.
    /// </summary>
    internal virtual bool IsOfWholeLesson => false;

    /// <summary>The entry as it is written into the log of a rally that is run with others.</summary>
    /// <param name="others">The teams of those others.</param>
    internal virtual Entry RunBeside(IReadOnlyList<Team> others) => this;

    /// <summary>Those of some teams, by their ids, that other rallies have; null where none is.</summary>
    private protected static IReadOnlyList<TeamId>? NamedBeside(
        IEnumerable<TeamId> teams,
        IReadOnlyList<Team> others
    ) => teams.Where(id => others.Any(t => t.Id == id)).ToList() is { Count: > 0 } named ? named : null;

    /// <summary>
    /// The entry with every reading understood in the edition's units, without looking at the log. What is wrong with
    /// it is collected; what was typed is kept to the letter.
    /// </summary>
    internal abstract Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found);

    /// <summary>
    /// The design that was there when it was written: tried for score, or named; null where it is about none, or about
    /// all of them.
    /// </summary>
    internal virtual string? ShowsDesign => null;

    /// <summary>The readings that it brings, each with its place in it.</summary>
    internal virtual IEnumerable<(string At, Reading Reading)> ReadingsAt => [];

    /// <summary>The same entry with its readings changed.</summary>
    internal virtual Entry With(Func<Reading, Reading> change) => this;

    /// <summary>
    /// The entry as it joins a log, for what depends on that: which entry is crossed out, how many attempts are left.
    /// </summary>
    internal virtual Entry Join(LogToJoin log, ProblemCollector found) => this;

    /// <summary>
    /// Whether it can change what another entry is worth, so that all of them are looked through again.
    /// </summary>
    internal virtual bool ChangesOthers(Trials trials) => false;

    /// <summary>Whether it changes the brief as it is run: something was changed or cut.</summary>
    internal virtual bool ChangesEdition => false;

    /// <summary>Whether it changes which teams there are, or who is in them.</summary>
    internal virtual bool ChangesTeams => false;

    /// <summary>Whether it changes the comparisons.</summary>
    internal virtual bool ChangesReferences => false;

    /// <summary>
    /// What the team, or the reference, is called that comes into the rally with it; null where none does.
    /// </summary>
    internal virtual string? IntroducedName => null;

    /// <summary>For what is the whole class's: whether teams' sheets show it, or something that hangs on it.</summary>
    internal virtual bool TouchesSheets(Trials trials) => true;

    /// <summary>The clock of the lesson after this entry.</summary>
    /// <param name="so">The clock before it.</param>
    /// <param name="phases">The phases of the lesson.</param>
    /// <param name="brief">The brief as it is run.</param>
    internal virtual ClockSoFar Apply(ClockSoFar so, IReadOnlyList<ClockPhase> phases, Brief brief) => so;

    /// <summary>What it records, in a line that a judge reads at a glance: "Attempt 2: 227 cm".</summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="attempt">The attempt's number where the log gave it one.</param>
    internal abstract string Say(CompiledEdition compiled, int? attempt);
}

/// <summary>The log that an entry joins.</summary>
/// <param name="Round">The entry's round as it is run.</param>
/// <param name="Stands">What stands in it.</param>
/// <param name="Received">All that is in it: what can be crossed out.</param>
internal sealed record LogToJoin(RunRound Round, StandingLog Stands, IReadOnlyList<Entry> Received)
{
    /// <summary>How many entries are in it.</summary>
    public int Count => Received.Count;

    /// <summary>The edition.</summary>
    public CompiledEdition Compiled => Round.Compiled;
}
