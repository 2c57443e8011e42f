using System.Text.RegularExpressions;
using PluckyRally.Core.Files;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Hazards without a caution, and cautions that nobody has read.</summary>
internal static class SafetySnags
{
    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        var brief = scene.Brief;
        var texts = string.Join(
            "\n",
            scene.Texts.Select(t => t.Text).Concat(scene.Materials.Select(m => $"{m.Name} {m.Note}"))
        );
        for (var i = 0; i < brief.Hazards.Count; i++)
        {
            if (brief.Hazards[i].Acknowledged)
                continue;
            var caution = Cautions.Of(brief.Hazards[i].Kind);
            if (
                brief.Hazards[i].Kind == HazardKind.Cutters
                && scene.Materials.All(m => m.Category != "tool")
                && Cautions.In(texts).All(h => h.Kind != HazardKind.Cutters)
            )
            {
                yield return new(
                    "cautionFor",
                    SnagWeight.Hint,
                    $"/hazards/{i}/acknowledged",
                    $"There is a caution “{caution.Name}”, and no tool is left in the brief.",
                    "Students skip cautions that are about nothing.",
                    new(
                        "Remove the caution",
                        [Change.Set("/hazards", brief.Hazards.Where(h => h.Kind != HazardKind.Cutters).ToList())]
                    )
                );
                continue;
            }

            yield return new(
                "caution",
                SnagWeight.Stops,
                $"/hazards/{i}/acknowledged",
                $"The caution “{caution.Name}” has not been read.",
                $"{caution.Says} {Cautions.SchoolFirst}",
                new("Mark as read", [Change.Set($"/hazards/{i}/acknowledged", true)])
            );
        }

        foreach (var (kind, word) in Cautions.In(texts).Where(h => brief.Hazards.All(b => b.Kind != h.Kind)))
        {
            var caution = Cautions.Of(kind);
            yield return new(
                "hazard",
                SnagWeight.Matters,
                $"/hazards/{Json.Word(kind)}",
                $"The brief mentions “{word}” and has no caution about {SentenceCase.Sentence(caution.Name)}.",
                caution.Says,
                new($"Add the caution “{caution.Name}”", [Change.Append("/hazards", new Hazard { Kind = kind })])
            );
        }

        if (
            brief.Hazards.Any(h => h.Kind == HazardKind.Food)
            && !Allergy.IsMatch($"{brief.Safety} {brief.Teacher.Notes}")
        )
        {
            const string note =
                "Tell us before we start if any food here is not safe for you: we check allergies first.";
            yield return new(
                "allergy",
                SnagWeight.Matters,
                "/safety",
                "Food is used, and allergies are not mentioned.",
                "A student with an allergy must be safe before the food is on the table.",
                new("Add a note on allergies", [Change.Set("/safety", $"{brief.Safety} {note}".Trim())])
            );
        }
    }

    private static readonly Regex Allergy = new(@"allerg", RegexOptions.IgnoreCase);
}
