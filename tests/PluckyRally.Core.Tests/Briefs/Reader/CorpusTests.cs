namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What teachers say, and what must come out of it (tests/reader; our own). Two hundred sentences and ten pages were
/// written before the reader, and every second one was not looked at until the others were read rightly; both halves
/// are held to the same marks. What probes found later stands behind them.
/// </summary>
public sealed class CorpusTests(ITestOutputHelper output)
{
    private static readonly string Folder = Path.Combine(ProjectFolder.Root, "tests", "reader");

    [Theory]
    [InlineData(0, "looked at")]
    [InlineData(1, "held out")]
    public void Sentences_become_what_they_say(int half, string name) =>
        Marked(name, Sentences().Where((_, i) => i % 2 == half));

    [Theory]
    [InlineData(0, "looked at")]
    [InlineData(1, "held out")]
    public void Pages_become_what_they_say(int half, string name) =>
        Marked(name, Pages().Where((_, i) => i % 2 == half));

    /// <summary>
    /// At least 90 in 100 pieces right, at most 10 asked and 10 unread, none wrong without a question.
    /// </summary>
    private void Marked(string name, IEnumerable<(string Said, IReadOnlyList<string> Wanted, string Heading)> corpus)
    {
        var (all, right, asked, unread) = (0, 0, 0, 0);
        var wrong = new List<string>();
        foreach (var (said, wanted, heading) in corpus)
        {
            var text = heading.Length > 0 ? $"{heading}:\n- {said}" : said;
            var got = BriefReader.Pieces(text, UnitSystem.Metric).Select(Notation.Of).ToList();
            var left = wanted.ToList();
            var more = got.Where(g => !left.Remove(g)).ToList();
            all += wanted.Count;
            right += wanted.Count - left.Count;
            asked += more.RemoveAll(g => g == "ask");
            unread += more.RemoveAll(g => g == "text");
            if (left.Count > 0 || more.Count > 0)
                output.WriteLine($"{said}\n    not: {string.Join(" | ", left)}\n    but: {string.Join(" | ", got)}");
            wrong.AddRange(more.Select(m => $"{said}: {m}"));
        }

        output.WriteLine($"{name}: {all} pieces, {right} right, {asked} asked, {unread} unread, {wrong.Count} wrong");
        all.ShouldBeGreaterThan(50);
        wrong.ShouldBeEmpty();
        ((double)right / all).ShouldBeGreaterThanOrEqualTo(0.9);
        ((double)asked / all).ShouldBeLessThanOrEqualTo(0.1);
        ((double)unread / all).ShouldBeLessThanOrEqualTo(0.1);
    }

    private static IEnumerable<(string, IReadOnlyList<string>, string)> Sentences()
    {
        var lines = File.ReadAllLines(Path.Combine(Folder, "sentences.txt")).Where(l => !l.StartsWith('#')).ToList();
        for (var i = 0; i < lines.Count; i++)
            if (lines[i].StartsWith('>'))
            {
                var said = lines[i][1..].Trim();
                var bracket = said.StartsWith('[') ? said.IndexOf(']', StringComparison.Ordinal) : -1;
                yield return (
                    said[(bracket + 1)..].Trim(),
                    [.. lines.Skip(i + 1).TakeWhile(l => !l.StartsWith('>')).Where(l => l.Length > 0)],
                    bracket > 0 ? said[1..bracket] : ""
                );
            }
    }

    private static IEnumerable<(string, IReadOnlyList<string>, string)> Pages() =>
        Directory
            .EnumerateFiles(Path.Combine(Folder, "pages"))
            .Order(StringComparer.Ordinal)
            .Select(File.ReadAllText)
            .Select(page => page.Split("\n---\n"))
            .Select(halves =>
                (halves[0], (IReadOnlyList<string>)halves[1].Split('\n', StringSplitOptions.RemoveEmptyEntries), "")
            );
}
