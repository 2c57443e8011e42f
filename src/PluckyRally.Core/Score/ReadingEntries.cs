namespace PluckyRally.Core;

/// <summary>Understands the readings that entries bring.</summary>
internal static class ReadingEntries
{
    /// <summary>The measure that a reading names, or a problem.</summary>
    public static Measure? Measure(Playbook playbook, Reading reading, Findings found)
    {
        if (playbook.Measures.TryGetValue(reading.Measure, out var measure)) return measure;
        found.Add("/measure", "There is no such measure in this brief.", $"Use one of these: {string.Join(", ", playbook.Brief.Measures.Select(m => m.Id))}.");
        return null;
    }

    /// <summary>
    /// The reading with its value worked out from what was typed. A bound can also be said beside the number; a value that
    /// came with it is not trusted.
    /// </summary>
    public static Reading Understand(Reading reading, Measure measure, Findings found)
    {
        var parsed = ReadingParser.Parse(reading.Typed, measure);
        if (parsed.IsOk) return reading with { Value = parsed.Value.Value, Bound = parsed.Value.Bound == Bound.Exact && (reading.Bound is Bound.AtLeast or Bound.AtMost) ? reading.Bound : parsed.Value.Bound };
        found.AddAll("/typed", parsed.Problems);
        return reading;
    }
}
