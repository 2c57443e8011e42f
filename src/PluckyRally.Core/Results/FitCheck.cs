namespace PluckyRally.Core;

/// <summary>Whether a thing goes into a box or a cylinder; each dimension counts as a reading of its own.</summary>
internal static class FitCheck
{
    /// <summary>How each dimension stands to its room; largest to largest where the thing may be turned.</summary>
    public static IReadOnlyList<(Worth Value, decimal Room, Measure Measure)> Pairs(RuleCheck.Fits fits, FitPlan plan, Func<Figure.OfMeasure, Worth> read)
    {
        var values = plan.Across.Select(f => (Value: read(f), f.Measure)).ToList();
        var rooms = plan.Rooms.ToList();
        if (fits.Turning && values.All(v => v.Value.HasValue))
        {
            values = [.. values.OrderByDescending(v => InMillimetres(v.Value.Number, v.Measure))];
            rooms = [.. rooms.OrderByDescending(r => r)];
        }

        return [.. values.Zip(rooms, (v, room) => (v.Value, FromMillimetres(room, v.Measure), v.Measure))];
    }

    private static decimal InMillimetres(decimal value, Measure measure) => measure.FixedUnit!.To(Units.Find("mm")!, value);

    private static decimal FromMillimetres(decimal room, Measure measure) => Units.Find("mm")!.To(measure.FixedUnit!, room);
}

/// <summary>A rule about fitting made ready: the thing's dimensions, and the room for each in millimetres.</summary>
internal sealed record FitPlan(IReadOnlyList<Figure.OfMeasure> Across, IReadOnlyList<decimal> Rooms)
{
    /// <summary>Makes the rule ready, or adds what is wrong with it.</summary>
    public static FitPlan? Make(RuleCheck.Fits fits, FigureList figures, Findings found)
    {
        found.Unless(fits.Dimensions.Count is >= 1 and <= 3, "/check/dimensions", "A thing has one to three dimensions.", "Name the measures of length that must fit.");
        found.Unless(fits.Room.Count == fits.Dimensions.Count, "/check/room", "There must be a room for each dimension.", $"Write {fits.Dimensions.Count}, for example 30 cm.");
        var across = new List<Figure.OfMeasure>();
        var rooms = new List<decimal>();
        for (var i = 0; i < fits.Dimensions.Count; i++)
        {
            if (figures.Measure(fits.Dimensions[i]) is not { Measure: { Kind: MeasureKind.Length, FixedUnit: not null } measure } figure)
            {
                found.Add($"/check/dimensions/{i}", $"“{Findings.Short(fits.Dimensions[i])}” is not a length of this brief.", "Name a measure of length.");
                continue;
            }

            across.Add(figure);
            if (i >= fits.Room.Count) continue;
            var room = ReadingParser.ParseAmount(fits.Room[i], measure);
            if (room.IsOk) rooms.Add(measure.FixedUnit!.To(Units.Find("mm")!, room.Value.Value));
            else found.AddAll($"/check/room/{i}", room.Problems);
        }

        return across.Count == fits.Dimensions.Count && rooms.Count == across.Count ? new(across, rooms) : null;
    }
}
