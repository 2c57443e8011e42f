using PluckyRally.Core.Briefs;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Time;

/// <summary>A phase, or some turns of it, laid over a lesson.</summary>
/// <param name="Phase">The phase's id.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Name">What it is called.</param>
/// <param name="From">Minutes after the lesson's start.</param>
/// <param name="To">Minutes after the lesson's start.</param>
/// <param name="Turns">For a phase that goes team by team: how many turns.</param>
/// <param name="Warnings">Minutes after the lesson's start at which warnings are given.</param>
public sealed record Block(
    string Phase,
    PhaseKind Kind,
    string Name,
    decimal From,
    decimal To,
    int Turns,
    IReadOnlyList<decimal> Warnings
);

/// <summary>One lesson of a timetable.</summary>
/// <param name="Number">Which lesson, from 1.</param>
/// <param name="Length">Its minutes.</param>
/// <param name="Blocks">What happens in it, setting up and clearing up included.</param>
/// <param name="End">When the last of it ends, clearing up included.</param>
public sealed record LessonPlan(int Number, decimal Length, IReadOnlyList<Block> Blocks, decimal End)
{
    /// <summary>What goes over into the next lesson, in a sentence; empty for the last.</summary>
    public string Carries { get; init; } = "";

    /// <summary>Minutes that run over the lesson's end.</summary>
    public decimal Overrun => Math.Max(0, End - Length);
}

/// <summary>Something that would make it fit, or come closer.</summary>
/// <param name="Label">What it is, for a button.</param>
/// <param name="Says">When it would end then.</param>
/// <param name="Fits">Whether all of it would fit.</param>
/// <param name="Changes">The changes to make.</param>
public sealed record TimeOffer(string Label, string Says, bool Fits, IReadOnlyList<Change> Changes);

/// <summary>The phases of a brief laid over its lessons.</summary>
/// <param name="Lessons">The lessons, in order; empty where their length is not said.</param>
/// <param name="Fits">Whether all of it fits.</param>
/// <param name="Says">The same as a sentence.</param>
/// <param name="Offers">What would make it fit, each with its new end.</param>
public sealed record Timetable(
    IReadOnlyList<LessonPlan> Lessons,
    bool Fits,
    string Says,
    IReadOnlyList<TimeOffer> Offers
)
{
    /// <summary>The timetable of a brief for the teams that it expects.</summary>
    public static Timetable Of(Brief brief)
    {
        var lessons = Lay(brief);
        if (lessons.Count == 0)
            return new([], true, "Enter how long a lesson is to see the schedule.", []);
        var fits = lessons.All(l => l.Overrun == 0);
        return new(lessons, fits, Say(lessons), fits ? [] : TimeOffers.Of(brief));
    }

    /// <summary>
    /// Lays the phases over the lessons. A phase is not split where a whole lesson would hold it, nor is a team's turn;
    /// what does not fit runs over the end of the last lesson. Homework ends a lesson.
    /// </summary>
    internal static IReadOnlyList<LessonPlan> Lay(Brief brief)
    {
        var timing = brief.Timing.InRange;
        if (timing.Lesson is not { } length || timing.Phases.Count == 0)
            return [];
        var room = Math.Max(0, length - timing.SetUp - timing.CleanUp);
        var laid = new List<(List<Block> Blocks, decimal At)> { ([], 0) };

        void Next() => laid.Add(([], 0));
        bool IsLast() => laid.Count >= timing.Lessons;
        void Put(Phase phase, decimal minutes, int turns)
        {
            var (blocks, at) = laid[^1];
            IReadOnlyList<decimal> warnings =
                turns == 0 ? [.. phase.AllWarnings.Select(w => timing.SetUp + at + minutes - w)] : [];
            if (minutes > 0 || phase.Kind == PhaseKind.Homework)
                blocks.Add(
                    new(
                        phase.Id,
                        phase.Kind,
                        Minutes.Name(phase.Kind),
                        timing.SetUp + at,
                        timing.SetUp + at + minutes,
                        turns,
                        warnings
                    )
                );
            laid[^1] = (blocks, at + minutes);
        }

        foreach (var phase in timing.Phases)
        {
            if (phase.Kind == PhaseKind.Homework)
            {
                Put(phase, 0, 0);
                if (!IsLast())
                    Next();
            }
            else if (phase.TeamByTeam)
            {
                var turn = Minutes.OfTurn(phase, brief.Trials.Attempts);
                for (var left = Minutes.Turns(phase, timing.Teams); left > 0; )
                {
                    var now =
                        IsLast() || turn == 0 ? left : Math.Min(left, (int)Math.Floor((room - laid[^1].At) / turn));
                    if (now > 0)
                        Put(phase, now * turn, now);
                    left -= Math.Max(now, 0);
                    if (left > 0)
                        Next();
                }
            }
            else
            {
                var left = phase.Minutes;
                if (left > room - laid[^1].At && left <= room && laid[^1].At > 0 && !IsLast())
                    Next();
                while (!IsLast() && left > room - laid[^1].At)
                {
                    var now = Math.Max(0, room - laid[^1].At);
                    if (now > 0)
                        Put(phase with { Warning = 0, Warnings = [] }, now, 0);
                    left -= now;
                    Next();
                }

                Put(phase, left, 0);
            }
        }

        return
        [
            .. laid.Select(
                (l, i) =>
                    Lesson(i + 1, length, timing, l.Blocks, l.At) with
                    {
                        Carries = i + 1 < laid.Count ? Carry(l.Blocks, laid[i + 1].Blocks, i + 2) : "",
                    }
            ),
        ];
    }

    private static string Carry(List<Block> before, List<Block> after, int next)
    {
        var (last, first) = (before.LastOrDefault(), after.FirstOrDefault());
        var homework = last?.Kind == PhaseKind.Homework ? "Homework until then. " : "";
        if (first is null)
            return homework.Length > 0 ? homework.Trim() : $"Lesson {next} is left over.";
        return last?.Phase == first.Phase
            ? $"{first.Name} goes on in lesson {next} for {Show(first.To - first.From)} minutes: keep plans "
                + "and builds by team until then."
            : $"{homework}Lesson {next} begins with “{SentenceCase.Sentence(first.Name)}”: keep plans and builds by "
                + "team until then.";
    }

    private static LessonPlan Lesson(int number, decimal length, Timing timing, List<Block> blocks, decimal at)
    {
        var all = new List<Block>();
        if (timing.SetUp > 0)
            all.Add(new("setUp", PhaseKind.Collect, "Set up", 0, timing.SetUp, 0, []));
        all.AddRange(blocks);
        var end = timing.SetUp + at;
        if (timing.CleanUp > 0)
            all.Add(new("cleanUp", PhaseKind.ClearUp, "Clean up", end, end + timing.CleanUp, 0, []));
        return new(number, length, all, end + timing.CleanUp);
    }

    private static string Say(IReadOnlyList<LessonPlan> lessons)
    {
        var last = lessons[^1];
        var which = lessons.Count == 1 ? "The lesson" : $"Lesson {last.Number}";
        return last.Overrun > 0 ? $"{which} runs {Show(last.Overrun)} minutes over."
            : lessons.FirstOrDefault(l => l.Overrun > 0) is { } over
                ? $"Lesson {over.Number} runs {Show(over.Overrun)} minutes over."
            : $"{which} ends after {Show(last.End)} of {Show(last.Length)} minutes.";
    }

    internal static string Show(decimal minutes) => Numerals.Write(Math.Round(minutes, 1));
}
