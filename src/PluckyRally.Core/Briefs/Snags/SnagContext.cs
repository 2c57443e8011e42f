using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>What the checks look at: a brief as one tier runs it.</summary>
/// <param name="Brief">The brief with the tier's values.</param>
/// <param name="Ready">The same made ready, or what stops it.</param>
internal sealed record SnagContext(Brief Brief, Result<CompiledEdition> Ready)
{
    /// <summary>The scene of a brief.</summary>
    public static SnagContext Of(Brief brief) => new(brief, CompiledEdition.For(new Edition { Brief = brief }));

    /// <summary>The brief made ready; null while something stops it.</summary>
    public CompiledEdition? Compiled => Ready.IsOk ? Ready.Value : null;

    /// <summary>The rules that hold here.</summary>
    public IEnumerable<Rule> Rules => Brief.Rules.Where(r => !r.Off);

    /// <summary>The materials that there are here.</summary>
    public IEnumerable<Material> Materials => Brief.Materials.Where(m => !m.Off && m.Name.Length > 0);

    /// <summary>The texts that students read, each with its place.</summary>
    public IEnumerable<(string At, string Text)> Texts =>
        new (string At, string Text)[]
        {
            ("/title", Brief.Title),
            ("/story", Brief.Story),
            ("/question", Brief.Question),
            ("/goal", Brief.Goal),
            ("/trials/how", Brief.Trials.How),
            ("/trials/overWhen", Brief.Trials.OverWhen),
            ("/trials/ifItFalls", Brief.Trials.IfItFalls),
            ("/scoringWords", Brief.ScoringWords),
            ("/safety", Brief.Safety),
        }
            .Concat(Rules.Select(r => ($"/rules/{r.Id}/text", r.Text)))
            .Concat(Brief.Conditions.Select(c => ($"/conditions/{c.Id}/text", c.Text)))
            .Concat(Brief.Words.Select((w, i) => ($"/words/{i}/meaning", w.Meaning)))
            .Where(t => t.Item2.Length > 0);

    /// <summary>A measure by its id.</summary>
    public Measure? Measure(string id) => Brief.Measures.FirstOrDefault(m => m.Id == id);

    /// <summary>Whether anything is measured for points.</summary>
    public bool Measures => Brief.Method.Parts.Any(p => p is Part.Measured && !p.Off);
}
