using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Tests.Results;

namespace PluckyRally.Core.Tests.Words;

/// <summary>
/// Every form of every sentence that is put together stands in <c>tests/words/sentences.txt</c>, where it was read and
/// approved. A change of words is read there, in its diff.
/// </summary>
public sealed class EverySentenceTests
{
    private static readonly string Approved = Path.Combine(ProjectFolder.Root, "tests", "words", "sentences.txt");

    [Fact]
    public void Every_sentence_that_is_put_together_was_read_and_approved() =>
        Say().ShouldBe(File.ReadAllText(Approved), "run Write_the_sentences_anew and read what has changed");

    [Fact(Explicit = true)]
    public void Write_the_sentences_anew() => File.WriteAllText(Approved, Say());

    private static string Say()
    {
        var said = new SaidSentences();
        foreach (var rally in Rallies())
        {
            var opened = OpenedRally.Open(rally);
            if (!opened.IsOk)
                continue;
            OfRally(said, opened.Value);
        }

        foreach (var brief in Briefs())
            OfBrief(said, brief);
        return said.ToString();
    }

    private static IEnumerable<Brief> Briefs() =>
        Files("*.brief.json")
            .Select(f => DocumentReader.Brief(f).OrThrow().Value)
            .Concat(
                from pattern in PatternInfo.All
                from units in Enum.GetValues<UnitSystem>()
                select Patterns.Begin(pattern.Pattern, GradeBand.From3To5, units)
            )
            .Append(EveryKind.Brief());

    private static IEnumerable<Rally> Rallies()
    {
        foreach (var file in Files("*.rally.json"))
            yield return DocumentReader.Rally(file).OrThrow().Value;
        var compiled = Sample.Ready(EveryKind.Brief());
        var (teams, log) = EveryKind.Play(compiled);
        yield return new()
        {
            Name = "A class",
            Edition = compiled.Edition,
            Teams = teams,
            Entries = log,
        };
    }

    private static IEnumerable<string> Files(string pattern) =>
        Directory
            .GetFiles(Path.Combine(ProjectFolder.Root, "tests", "formats", "v2"), pattern, SearchOption.AllDirectories)
            .Order(StringComparer.Ordinal)
            .Select(File.ReadAllText);

    private static void OfBrief(SaidSentences said, Brief brief)
    {
        var own = new SaidSentences.OwnWords(brief);
        said.Add("brief: snags", Snags.Of(brief), own);
        said.Add("brief: student sheet", StudentSheet.Of(brief), own);
        said.Add("brief: tiers", TierTable.Of(brief), own);
        said.Add("brief: at rest", Resting.Of(brief), own);
        said.Add("brief: facts", Fact.Of(brief), own);
        said.Add("papers: rig", RigPaper.Of(brief), own);
        var compiled = CompiledEdition.For(new Edition { Brief = brief with { Tiers = [] } });
        if (!compiled.IsOk)
            return;
        said.Add("brief: method", MethodWords.Say(compiled.Value), own);
        said.Add("brief: try it", TryHandles.Of(compiled.Value), own);
        said.Add("brief: Markdown", BriefMarkdown.Write(compiled.Value.Edition, withTeacherPart: true), own);
        said.Add("papers: brief", BriefPapers.Of(compiled.Value), own);
        said.Add("papers: judge's sheet", JudgeSheet.Of(compiled.Value), own);
        var rehearsal = Rehearsal.Of(compiled.Value, new() { Classes = 10 }, ThingsRemembered.Of([]));
        if (rehearsal.IsOk)
            said.Add("rehearsal", RehearsalReport.Of(rehearsal.Value, _ => { }, CancellationToken.None), own);
        else
            said.Add("rehearsal: refused", rehearsal.Problems, own);
    }

    private static void OfRally(SaidSentences said, OpenedRally opened)
    {
        var own = new SaidSentences.OwnWords(opened.Rally);
        for (var round = 1; round <= opened.Rounds; round++)
        {
            var standings = opened.Result(round).Standings;
            said.Add("results: standings", standings, own);
            said.Add("results: teams", TeamDetail.Of(opened, round), own);
            said.Add("results: summaries", MeasureSummaries.Of(opened, round), own);
            said.Add("results: certain", Confidence.Of(opened, round, 50), own);
            foreach (var see in Enum.GetValues<PlotSee>())
            {
                var seen = PlotsSeen.Of(opened, round, see);
                said.Add("results: plots", seen, own);
                foreach (var by in seen.Groupings)
                    said.Add("results: plots", PlotsSeen.Of(opened, round, see, seen.Figure, by.Id), own);
            }

            said.Add("papers: rally", RallyPapers.Of(opened, round, standings), own);
            said.Add("debrief", Debrief.Of(opened, round), own);
            said.Add("debrief: levels", MarkSheet.Of(opened, round), own);
            said.Add("run: clock", LessonClock.Of(opened, round), own);
            foreach (var sheet in TeamSheet.Of(opened, round))
                said.Add("score: sheet", sheet.WithLog(opened, round), own);
            foreach (var sheet in TeamSheet.OfReferences(opened, round))
                said.Add("score: comparison", sheet.WithLog(opened, round), own);
        }

        said.Add("results: all rounds", RoundsStanding.Of(opened), own);
        said.Add("debrief: notebook", Notebook.Of(opened), own);
        said.Add("debrief: memory", RallyMemory.Of(opened), own);
        said.Add("score: set aside", opened.Notes, own);
    }
}
