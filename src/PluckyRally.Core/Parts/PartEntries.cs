using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Reads the entries of one part from a team's record.</summary>
internal static class PartEntries
{
    /// <summary>
    /// The entries of one sort for a part, in order: those of the design, and those of all of the team's designs.
    /// </summary>
    public static IReadOnlyList<T> Of<T>(DesignRecord design, string part)
        where T : Entry.OfPart =>
        [.. design.Team.OfParts[part].OfType<T>().Where(e => e.Design.Length == 0 || e.Design == design.Name)];

    /// <summary>The part that an entry names, or a problem.</summary>
    public static T? Find<T>(CompiledEdition compiled, string part, ProblemCollector found)
        where T : Part
    {
        var known = compiled.Parts.Select(p => p.Part).OfType<T>().ToList();
        var named = known.FirstOrDefault(p => p.Id == part);
        if (named is null)
            found.Add(
                "/part",
                "There is no such part in this brief for this sort of entry.",
                known.Count > 0 ? ProblemCollector.UseOneOf(known.Select(p => p.Name)) : "Record something else."
            );
        return named;
    }

    /// <summary>What an entry records, under the name of its part.</summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="what">What it records; its part is null where the edition has none of this name.</param>
    public static string Say<T>(CompiledEdition compiled, Entry.OfPart entry, Func<T?, string> what)
        where T : Part
    {
        var part = compiled.Parts.Select(p => p.Part).OfType<T>().FirstOrDefault(p => p.Id == entry.Part);
        return $"{part?.Name ?? entry.Part}: {what(part)}";
    }

    /// <summary>How a part reads times: seconds to a step.</summary>
    public static Measure Clock(string part, decimal step) =>
        new()
        {
            Id = part,
            Name = "The time",
            Kind = MeasureKind.Duration,
            Unit = "s",
            Step = step,
        };

    /// <summary>Understands a typed time, or adds what is wrong with it.</summary>
    public static Reading Time(Reading reading, string part, decimal step, ProblemCollector found)
    {
        var inner = new ProblemCollector("/time");
        var understood = ReadingEntries.Understand(reading, Clock(part, step), inner);
        found.Under("", inner);
        return understood;
    }

    /// <summary>A time in seconds as it is shown.</summary>
    public static string Show(decimal seconds, decimal step) => ReadingFormat.Value(seconds, Clock("", step));
}
