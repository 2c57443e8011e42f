using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Route;

/// <summary>A station of the route that exists so far.</summary>
public enum Station
{
    /// <summary>Writing the challenge.</summary>
    Brief,

    /// <summary>What is needed, and what there is.</summary>
    Kit,

    /// <summary>Who works with whom.</summary>
    Teams,

    /// <summary>The lesson, by the clock.</summary>
    Run,

    /// <summary>Recording what teams do.</summary>
    Score,

    /// <summary>Standings, and why.</summary>
    Results,

    /// <summary>The talk after it: what worked, and one thing to change.</summary>
    Debrief,
}

/// <summary>How much of a station is ready.</summary>
public enum Readiness
{
    /// <summary>Nothing yet.</summary>
    [JsonStringEnumMemberName("hollow")]
    NotStarted,

    /// <summary>Some of it.</summary>
    [JsonStringEnumMemberName("halfSewn")]
    InProgress,

    /// <summary>All of it.</summary>
    [JsonStringEnumMemberName("full")]
    Done,
}

/// <summary>A station's pennant on the route.</summary>
/// <param name="Station">The station.</param>
/// <param name="Readiness">How much of it is ready.</param>
/// <param name="Missing">How many things are still missing there.</param>
/// <param name="Next">What to do there next, in a sentence.</param>
public sealed record Pennant(Station Station, Readiness Readiness, int Missing, string Next);

/// <summary>Says how far along the route a brief or a rally is.</summary>
public static class Bunting
{
    /// <summary>The route of a brief that is not run yet.</summary>
    /// <param name="brief">The brief.</param>
    /// <param name="snags">What was found in it.</param>
    /// <param name="cupboard">What there is for the teams that it expects.</param>
    public static IReadOnlyList<Pennant> OfBrief(
        Brief brief,
        IReadOnlyList<Snag> snags,
        IReadOnlyList<CupboardItem> cupboard
    ) =>
        OfBrief(
            snags.Count(s => s.Weight == SnagWeight.Stops),
            KitList.Of(brief, [.. Enumerable.Repeat(0, Math.Clamp(brief.Timing.Teams, 0, Limits.Teams))], cupboard)
        );

    private static IReadOnlyList<Pennant> OfBrief(int stopping, KitList kit) =>
        [
            stopping > 0
                ? new(
                    Station.Brief,
                    Readiness.InProgress,
                    stopping,
                    $"{Things(stopping, "snag", "snags")} to fix before a class can run this."
                )
                : new(Station.Brief, Readiness.Done, 0, "Ready to run. Make teams when you are happy with it."),
            kit.Lines.Count == 0
                ? new(Station.Kit, Readiness.NotStarted, 0, "The brief names no materials. Write them on its sheet.")
            : kit.Missing > 0
                ? new(
                    Station.Kit,
                    Readiness.InProgress,
                    kit.Missing,
                    $"{Things(kit.Missing, "material is", "materials are")} short. Say what is in the "
                        + "cupboard, or buy it."
                )
            : new(Station.Kit, Readiness.Done, 0, "Everything is in the cupboard. Lay it out."),
            new(
                Station.Teams,
                Readiness.NotStarted,
                0,
                stopping > 0
                    ? "Fix the snags in the brief first."
                    : "Type the teams or make them from a class, then begin."
            ),
        ];

    /// <summary>
    /// Where a rally goes on: what is being scored is scored first, and a lesson that runs is led. Before that its
    /// cards are dealt and its kit goes out, where it has them, and its lesson begins, where it has phases. When every
    /// team is finished, the class looks back, and then at the results.
    /// </summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    /// <param name="route">Its route in that round, as <see cref="OfRally(OpenedRally, int)"/> gives it.</param>
    public static Station GoesOn(OpenedRally opened, int round, IReadOnlyList<Pennant> route)
    {
        var at = route.ToDictionary(p => p.Station);
        if (at[Station.Score].Readiness == Readiness.InProgress)
            return Station.Score;
        if (at[Station.Run].Readiness == Readiness.InProgress)
            return Station.Run;
        if (at[Station.Score].Readiness == Readiness.Done)
            return at[Station.Debrief].Readiness == Readiness.Done ? Station.Results : Station.Debrief;
        if (at[Station.Teams].Missing > 0 && at[Station.Run].Readiness == Readiness.NotStarted)
            return Station.Teams;
        if (at[Station.Kit] is { Readiness: Readiness.NotStarted } or { Missing: > 0 })
            return Station.Kit;
        return at[Station.Run].Readiness == Readiness.NotStarted && LessonClock.Of(opened, round).Phases.Count > 0
            ? Station.Run
            : Station.Score;
    }

    /// <summary>The route of a rally in a round.</summary>
    public static IReadOnlyList<Pennant> OfRally(OpenedRally opened, int round) =>
        OfRally(opened, round, RoundSheets.Of(opened, round));

    /// <summary>The same where it is known how many teams have not finished.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    /// <param name="sheets">The sheets of the round.</param>
    public static IReadOnlyList<Pennant> OfRally(OpenedRally opened, int round, RoundSheets sheets)
    {
        var (open, more) = (sheets.Unfinished, sheets.AttemptsOpen);
        var (run, rally) = (opened.In(round), opened.Rally);
        var begun = opened.Stands.Any(e => e.Round == round && e.BeginsRound);
        var kits = TeamKit.Of(run, opened.Stands);
        var clock = LessonClock.Of(opened, round);
        return
        [
            new(
                Station.Brief,
                Readiness.Done,
                0,
                round > 1
                    ? $"This is the brief for round {round}. You can still edit it."
                    : "This is the brief for this rally. You can still edit it."
            ),
            Kit(kits),
            Teams(run, opened.Stands, clock, begun, open),
            Run(clock),
            new(
                Station.Score,
                !begun ? Readiness.NotStarted
                    : open > 0 ? Readiness.InProgress
                    : Readiness.Done,
                open,
                Score(open, begun, more)
            ),
            new(
                Station.Results,
                !begun ? Readiness.NotStarted
                    : open > 0 ? Readiness.InProgress
                    : Readiness.Done,
                0,
                Results(open, begun, run.Compiled.Brief.Method.Ranking)
            ),
            Talk(Debrief.Looked(opened, round), run.Present.Count),
        ];
    }

    /// <summary>
    /// Teams are ready when each has the cards that are dealt before the lesson; once they build, when each plan is
    /// approved. A class that is tested without any approval does not approve plans, and one that is finished needs
    /// none any more.
    /// </summary>
    private static Pennant Teams(RunRound run, StandingLog log, LessonClock clock, bool begun, int open)
    {
        var brief = run.Compiled.Brief;
        var undealt = brief
            .Deals.Where(d => d is { Off: false, Drawn: DealtWhen.BeforeLesson, Cards.Count: > 0 })
            .Select(d => (d.Name, Without: run.Present.Count(t => t.Dealt.All(has => has.Deal != d.Id))))
            .Where(d => d.Without > 0)
            .ToList();
        if (undealt.Count > 0)
            return new(
                Station.Teams,
                Readiness.InProgress,
                undealt.Sum(d => d.Without),
                string.Join(
                    " ",
                    undealt.Select(d => $"{Things(d.Without, "team has", "teams have")} no card of {d.Name} yet.")
                )
            );
        var teams = ClassState.Of(run.Present, log, run.Number);
        var unapproved = ClassState.PlansAreApproved(brief) ? teams.Count(t => t.Cleared is null) : 0;
        var isTime = begun
            ? open > 0 && unapproved < teams.Count
            : clock.Phase is { Kind: >= PhaseKind.Collect } || clock.Over;
        return unapproved > 0 && isTime
            ? new(
                Station.Teams,
                Readiness.InProgress,
                unapproved,
                $"{Things(unapproved, "plan is", "plans are")} not approved. Approve "
                    + $"{(unapproved == 1 ? "it" : "them")} at Run or Score."
            )
            : new(
                Station.Teams,
                Readiness.Done,
                0,
                $"{Things(run.Present.Count, "team is", "teams are")} ready. Go on to Score."
            );
    }

    /// <summary>A class that does not count its kits is not told that something is missing.</summary>
    private static Pennant Kit(IReadOnlyList<TeamKit> kits)
    {
        var (counted, away) = (
            kits.Count(k => k.OutBy is not null),
            kits.Count(k => k.OutBy is not null && k.BackBy is null)
        );
        if (kits.All(k => k.Lines.Count == 0))
            return new(Station.Kit, Readiness.Done, 0, "There is no kit to count out.");
        if (counted == 0)
            return new(Station.Kit, Readiness.NotStarted, 0, "Count the kit out, team by team, or go on without.");
        if (counted < kits.Count)
            return new(
                Station.Kit,
                Readiness.InProgress,
                kits.Count - counted,
                $"{Things(kits.Count - counted, "team has", "teams have")} no kit yet."
            );
        return away > 0
            ? new(
                Station.Kit,
                Readiness.InProgress,
                0,
                $"Every team has its kit. {Things(away, "is", "are")} to be counted back afterwards."
            )
            : new(
                Station.Kit,
                Readiness.Done,
                0,
                kits.Any(k => k.Lines.Any(l => l.Missing > 0))
                    ? "All kits are back; something is missing."
                    : "All kits are back and whole."
            );
    }

    private static Pennant Run(LessonClock clock) =>
        clock switch
        {
            { Phases.Count: 0 } => new(
                Station.Run,
                Readiness.NotStarted,
                0,
                "The brief has no phases. Add them under Time, and the clock leads through them."
            ),
            { Phase: { } phase } => new(
                Station.Run,
                Readiness.InProgress,
                0,
                $"The {SentenceCase.Sentence(phase.Name)} phase is running."
            ),
            { Over: true } => new(Station.Run, Readiness.Done, 0, "The lesson is over."),
            _ => new(Station.Run, Readiness.NotStarted, 0, "Put the clock on the wall, then start the first phase."),
        };

    private static Pennant Talk(int looked, int teams) =>
        looked switch
        {
            0 => new(
                Station.Debrief,
                Readiness.NotStarted,
                0,
                "Ask the class what worked, and each team for one thing to change."
            ),
            _ when looked < teams => new(
                Station.Debrief,
                Readiness.InProgress,
                teams - looked,
                $"{Things(teams - looked, "team has", "teams have")} not looked back yet."
            ),
            _ => new(
                Station.Debrief,
                Readiness.Done,
                0,
                "Every team has looked back. Begin the next round when you like."
            ),
        };

    private static string Score(int open, bool begun, int more) =>
        (open, begun) switch
        {
            (0, _) when more > 0 =>
                $"Every team has what it needs. {Things(more, "attempt", "attempts")} could still be made.",
            (0, _) => "Every team is complete. Look at the results.",
            (_, false) => "Choose a team, check what it must have, then record its first attempt.",
            _ => $"{Things(open, "team is", "teams are")} not finished yet.",
        };

    private static string Results(int open, bool begun, bool ranking) =>
        (open, begun) switch
        {
            (_, false) => "Nothing is recorded yet. The results appear with the first entry.",
            (0, _) when !ranking => "All teams are finished. Choose a team to see what it did.",
            (0, _) => "All teams are finished. Choose a team to see how it got its points.",
            _ => $"{Things(open, "team is", "teams are")} still being scored"
                + (ranking ? ", so places can change." : "."),
        };

    private static string Things(int count, string one, string many) => count == 1 ? $"One {one}" : $"{count} {many}";
}
