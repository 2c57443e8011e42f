using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>The talk after a round: what was asked and answered, and what each team learned.</summary>
/// <param name="Questions">The brief's questions, with what was answered.</param>
/// <param name="Teams">The teams that took part, in their own order.</param>
public sealed record Debrief(IReadOnlyList<DebriefQuestion> Questions, IReadOnlyList<TeamDebrief> Teams)
{
    /// <summary>Whether what teams answer on their own devices waits until the teacher has looked at it.</summary>
    public bool AnswersWait { get; init; }

    /// <summary>The talk after a round.</summary>
    public static Debrief Of(OpenedRally opened, int round)
    {
        var run = opened.In(round);
        var standing = opened.Stands.In(round);
        var answers = standing.OfType<Entry.AnswerGiven>().ToLookup(a => a.Question);
        var looked = standing.OfType<Entry.LookedBack>().GroupBy(l => l.Team).ToDictionary(g => g.Key, g => g.Last());
        var names = run.Teams.ToDictionary(t => t.Id, t => t.Name);
        var waiting = HeldAnswers.Waiting(opened.Stands);
        var wanted = WantedChanges.Of(opened.Stands, round);
        var rows = opened.Result(round).Standings.Rows.ToDictionary(r => r.Team);
        return new(
            [
                .. run.Compiled.Brief.Teacher.Questions.Select(
                    (text, i) =>
                        new DebriefQuestion(
                            i + 1,
                            text,
                            [
                                .. answers[i + 1]
                                    .Select(a => new DebriefAnswer(
                                        a.Id,
                                        a.Team,
                                        names.GetValueOrDefault(a.Team, ""),
                                        a.Text
                                    )
                                    {
                                        Waits = waiting.Contains(a.Id),
                                    }),
                            ]
                        )
                ),
            ],
            [
                .. run.Present.Select(t =>
                {
                    var said = looked.GetValueOrDefault(t.Id);
                    return new TeamDebrief(
                        t.Id,
                        t.Name,
                        said?.Id,
                        said?.Worked ?? "",
                        said?.DidNot ?? "",
                        said?.Change ?? "",
                        said?.Why ?? "",
                        said?.Together ?? ""
                    )
                    {
                        Noted = rows[t.Id].Noted,
                        Wanted = wanted.GetValueOrDefault(t.Id, ""),
                        Changed = rows[t.Id].Changed,
                        Fair = FairWords.Of(
                            standing
                                .OfType<Entry.DesignNoted>()
                                .Where(n => n.Team == t.Id && n.Changed.Length > 0)
                                .ToList()
                        ),
                        Since =
                        [
                            .. rows[t.Id]
                                .Parts.Where(p => p.SinceLastRound.Length > 0)
                                .Select(p => $"{p.Name}: {p.SinceLastRound}"),
                        ],
                    };
                }),
            ]
        )
        {
            AnswersWait = HeldAnswers.Hold(opened.Stands),
        };
    }

    /// <summary>How many of the teams that took part have looked back.</summary>
    internal static int Looked(OpenedRally opened, int round)
    {
        var present = opened.In(round).Present.Select(t => t.Id).ToHashSet();
        return opened
            .Stands.OfType<Entry.LookedBack>()
            .Where(l => l.Round == round && present.Contains(l.Team))
            .Select(l => l.Team)
            .Distinct()
            .Count();
    }
}

/// <summary>A question of the talk.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Text">The question.</param>
/// <param name="Answers">What was answered, in the order in which it was.</param>
public sealed record DebriefQuestion(int Number, string Text, IReadOnlyList<DebriefAnswer> Answers);

/// <summary>An answer.</summary>
/// <param name="Entry">The entry's id.</param>
/// <param name="Team">The team's id; empty where it is the class's.</param>
/// <param name="Name">The team's name; empty where it is the class's.</param>
/// <param name="Text">The answer.</param>
public sealed record DebriefAnswer(EntryId Entry, TeamId Team, string Name, string Text)
{
    /// <summary>Whether it waits for the teacher, and no wall shows it.</summary>
    public bool Waits { get; init; }
}

/// <summary>What a team takes along from a round.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Entry">The entry in which it looked back; absent where it has not yet.</param>
/// <param name="Worked">What worked.</param>
/// <param name="DidNot">What did not.</param>
/// <param name="Change">The one thing that it would change.</param>
/// <param name="Why">Why that would help.</param>
/// <param name="Together">How it worked together.</param>
public sealed record TeamDebrief(
    TeamId Team,
    string Name,
    EntryId? Entry,
    string Worked,
    string DidNot,
    string Change,
    string Why,
    string Together
)
{
    /// <summary>What was seen of it in passing.</summary>
    public IReadOnlyList<string> Noted { get; init; } = [];

    /// <summary>What it had wanted to change after the round before; empty where it did not say.</summary>
    public string Wanted { get; init; } = "";

    /// <summary>What it changed for this round.</summary>
    public IReadOnlyList<string> Changed { get; init; } = [];

    /// <summary>
    /// Whether what came of it can be put down to the change; empty where nothing was changed, or nobody asked what
    /// else was.
    /// </summary>
    public string Fair { get; init; } = "";

    /// <summary>How its parts came out against the round before.</summary>
    public IReadOnlyList<string> Since { get; init; } = [];
}
