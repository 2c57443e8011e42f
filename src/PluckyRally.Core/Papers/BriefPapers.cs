using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Papers;

/// <summary>What can be printed of a brief, before there is a rally and in one.</summary>
/// <param name="Work">The worksheet.</param>
/// <param name="Judge">The judge's sheet.</param>
/// <param name="Tasks">A sheet a part whose answers are on paper, with its answer sheet.</param>
/// <param name="Lessons">The phases, lesson by lesson; empty where the length of a lesson is not said.</param>
/// <param name="Rig">How the test is set up.</param>
/// <param name="LargePrint">Whether its readers get large letters, unless somebody says otherwise.</param>
public sealed record BriefPapers(
    WorkPaper Work,
    JudgeSheet Judge,
    IReadOnlyList<TaskPaper> Tasks,
    IReadOnlyList<LessonPlan> Lessons,
    RigPaper Rig,
    bool LargePrint
)
{
    /// <summary>The cards to cut out, each as often as there are of it.</summary>
    public IReadOnlyList<CardShown> Cards { get; init; } = [];

    /// <summary>
    /// The paper that goes with its units, where inches are read: a school that has them prints on Letter. Absent where
    /// the school's own is as good.
    /// </summary>
    public PaperSize? Paper { get; init; }

    /// <summary>The papers of an edition.</summary>
    public static BriefPapers Of(CompiledEdition compiled) =>
        new(
            WorkPaper.Of(compiled.Brief),
            JudgeSheet.Of(compiled),
            [.. compiled.OnPaper.Select(p => p.TaskSheet).OfType<TaskPaper>()],
            Timetable.Lay(compiled.Brief),
            RigPaper.Of(compiled.Brief),
            GradeBands.ReadsLargePrint(compiled.Brief.Grades)
        )
        {
            Paper = UsualMeasure.SystemOf(compiled.Brief) == UnitSystem.Customary ? PaperSize.Letter : null,
            Cards =
            [
                .. from deal in compiled.Brief.Deals
                where !deal.Off
                from card in deal.Cards
                from shown in Enumerable.Repeat(CardShown.Of(compiled.Brief, deal, card), card.Count ?? 1)
                select shown,
            ],
        };
}

/// <summary>What a worksheet has to hold beside room for ideas.</summary>
/// <param name="Materials">What the team has, with amounts, to plan with.</param>
/// <param name="Once">What is measured once, each with its unit and step.</param>
/// <param name="Each">What is read in every attempt, each with its unit and step.</param>
/// <param name="Attempts">How many attempts there are.</param>
/// <param name="Plans">Which plans there are to choose from; empty where there are none.</param>
/// <param name="Boxes">Names of the boxes for drawings; empty where they have none.</param>
public sealed record WorkPaper(
    IReadOnlyList<string> Materials,
    IReadOnlyList<MeasureOnPaper> Once,
    IReadOnlyList<MeasureOnPaper> Each,
    int Attempts,
    string Plans,
    IReadOnlyList<string> Boxes
)
{
    internal static WorkPaper Of(Brief brief) =>
        new(
            [.. brief.Materials.Where(m => m is { Off: false, IsRig: false, Name.Length: > 0 }).Select(m => m.Says())],
            [.. brief.Measures.Where(m => m.Taken == ReadOccasion.Once).Select(MeasureOnPaper.Of)],
            [.. brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt).Select(MeasureOnPaper.Of)],
            brief.TakesAttempts ? brief.Trials.Attempts : 0,
            PaperWords.Plans(brief.Worksheet.Plans),
            [.. brief.Worksheet.Boxes.Select(SentenceCase.Beginning)]
        );
}

/// <summary>A measure as a heading on paper.</summary>
/// <param name="Name">What is measured.</param>
/// <param name="Read">Its unit and how finely it is read; empty where it is a word.</param>
public sealed record MeasureOnPaper(string Name, string Read)
{
    internal static MeasureOnPaper Of(Measure measure) => new(measure.Name, PaperWords.Read(measure));
}

/// <summary>A part whose answers the teams give on paper.</summary>
/// <param name="Title">What it is called.</param>
/// <param name="Way">What is done, in a sentence.</param>
/// <param name="Heading">What is written behind each thing.</param>
/// <param name="Things">The things, in an order that gives nothing away.</param>
/// <param name="Bins">Where they can go; empty where they are not sorted.</param>
/// <param name="Answers">The key, a line each; empty where there is none.</param>
public sealed record TaskPaper(
    string Title,
    string Way,
    string Heading,
    IReadOnlyList<string> Things,
    IReadOnlyList<string> Bins,
    IReadOnlyList<string> Answers
);

/// <summary>How the test is set up.</summary>
/// <param name="MadeOf">What the rig is made of.</param>
/// <param name="Steps">How it is built.</param>
/// <param name="Same">What is the same for everyone.</param>
public sealed record RigPaper(IReadOnlyList<string> MadeOf, IReadOnlyList<string> Steps, IReadOnlyList<string> Same)
{
    /// <summary>The rig of a brief.</summary>
    public static RigPaper Of(Brief brief) =>
        new(
            [.. brief.Materials.Where(m => m.IsOfRig).Select(m => m.Says())],
            [.. brief.RigSteps.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)],
            [
                .. brief
                    .Conditions.Where(c => c.Text.Length > 0)
                    .Select(c => c.FixedAt.Length > 0 ? $"{c.Text}: {c.FixedAt}" : c.Text),
            ]
        );
}
