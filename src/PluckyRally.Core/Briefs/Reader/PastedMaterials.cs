using PluckyRally.Core.Kit;

namespace PluckyRally.Core.Briefs;

/// <summary>A list of materials that was pasted: a line each, in words or in the cells of a spreadsheet.</summary>
public static class PastedMaterials
{
    /// <summary>
    /// The materials. A line that could be two things, such as "4–5 fasteners", keeps all its words as the name, where
    /// a snag asks for the amount; what stands in a third cell and after it becomes the note.
    /// </summary>
    /// <param name="brief">The brief that gets them; nothing of it is changed.</param>
    /// <param name="lines">The lines, without bullets.</param>
    public static IReadOnlyList<Material> Of(Brief brief, IReadOnlyList<string> lines)
    {
        var taken = brief.Materials.Select(m => m.Id).ToList();
        var read = new List<Material>();
        foreach (var line in lines.Where(l => l.Trim().Length > 0))
        {
            var material = Read(line, FreeId.Of("material", taken));
            taken.Add(material.Id);
            read.Add(material);
        }

        return read;
    }

    private static Material Read(string line, string id)
    {
        string[] cells = [.. line.Split('\t', ';').Select(c => c.Trim()).Where(c => c.Length > 0)];
        // How much stands before or behind what it is.
        var text =
            cells.Length < 2 ? line.Trim()
            : char.IsAsciiDigit(cells[0][0]) ? $"{cells[0]} {cells[1]}"
            : $"{cells[0]}: {cells[1]}";
        var material = BriefReader.MaterialIn(text)?.Material(id)
            ?? new Material
            {
                Id = id,
                Name = text,
                Category = MaterialUse.Of(text),
            };
        return material with
        {
            Note = string.Join("; ", cells.Skip(2).Prepend(material.Note).Where(n => n.Length > 0)),
        };
    }
}
