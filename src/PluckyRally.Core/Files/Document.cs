using System.Text.Json;

namespace PluckyRally.Core.Files;

/// <summary>A document that has been read: what it says, and its text in full, unknown fields included.</summary>
public sealed class Document<T>
{
    private readonly Lazy<string> _text;

    internal Document(T value, JsonElement original)
    {
        Value = value;
        _text = new(() => FullText.Of(value, original));
    }

    /// <summary>What it says.</summary>
    public T Value { get; }

    /// <summary>Its JSON, every known field written out; made when somebody asks.</summary>
    public string Text => _text.Value;
}
