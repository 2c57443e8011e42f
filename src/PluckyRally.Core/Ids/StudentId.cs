using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of a student in a rally: as a class gives it here, or whatever a file says.</summary>
[JsonConverter(typeof(TextIdConverter<StudentId>))]
public readonly record struct StudentId : IId<StudentId, string>
{
    private readonly string? _value;

    /// <param name="value">The id as it is written; empty for none.</param>
    public StudentId(string value) => _value = value.Length > 0 ? value : null;

    /// <inheritdoc/>
    public string Value => _value ?? "";

    /// <inheritdoc/>
    public static StudentId Of(string value) => new(value);

    /// <summary>The id in a rally of a student of a class here.</summary>
    /// <param name="student">The student's id in the class.</param>
    public static StudentId OfClass(Guid student) => new(student.ToString());

    /// <summary>The id in a class here; null where a file has named the student in its own way.</summary>
    public Guid? InClass => Guid.TryParse(Value, out var id) ? id : null;

    /// <inheritdoc/>
    public override string ToString() => Value;
}
