using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>The answer that one of several people gave to the same thing.</summary>
/// <param name="Entries">The entries, the last one last: an earlier one comes back where a later one is struck
/// out.</param>
/// <param name="By">Who gave it; empty for somebody whose name is not known.</param>
/// <param name="Says">What the last one says.</param>
public sealed record GivenAnswer(IReadOnlyList<EntryId> Entries, string By, string Says);

/// <summary>Finds what several people answered as a whole: the last answer stands, and that is said.</summary>
internal static class TwoAnswers
{
    /// <summary>The part's value, with a step that names them.</summary>
    public static PartValue Marked(PartValue value, Part part, DesignRecord design)
    {
        var several = Several(part, design).SelectMany(g => g).ToList();
        return several.Count == 0
            ? value
            : value with
            {
                Steps =
                [
                    .. value.Steps,
                    new Working.SeveralAnswered([.. several.Select(e => e.By).Distinct()])
                    {
                        Entries = [.. several.Select(e => e.Id)],
                    },
                ],
            };
    }

    /// <summary>
    /// The last answer of each who gave one, the last one of all at the end, where they do not say the same.
    /// </summary>
    public static IReadOnlyList<IReadOnlyList<GivenAnswer>> Differing(
        CompiledEdition compiled,
        Part part,
        DesignRecord design
    ) =>
        [
            .. Several(part, design)
                .Select(g =>
                    g.Index()
                        .GroupBy(e => e.Item.By)
                        .OrderBy(by => by.Last().Index)
                        .Select(by => new GivenAnswer(
                            [.. by.Select(e => e.Item.Id)],
                            by.Key,
                            by.Last().Item.Say(compiled, null)
                        ))
                        .ToList()
                )
                .Where(g => g.Select(a => a.Says).Distinct().Count() > 1),
        ];

    private static IEnumerable<IEnumerable<Entry.OfPart>> Several(Part part, DesignRecord design) =>
        PartEntries
            .Of<Entry.OfPart>(design, part.Id)
            .Where(e => e.Answers is not null)
            .GroupBy(e => (e.GetType(), e.Answers))
            .Where(g => g.Select(e => e.By).Distinct().Count() > 1);
}
