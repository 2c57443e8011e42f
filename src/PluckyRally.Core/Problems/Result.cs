using System.Diagnostics.CodeAnalysis;

namespace PluckyRally.Core.Problems;

/// <summary>Either a value (perhaps with warnings) or the problems that stood in its way.</summary>
public sealed class Result<T>
    where T : notnull
{
    private Result(T? value, IReadOnlyList<Problem> problems)
    {
        Value = value;
        Problems = problems;
    }

    /// <summary>The value; present exactly when <see cref="IsOk"/>.</summary>
    public T? Value { get; }

    /// <summary>All problems found; only warnings when <see cref="IsOk"/>.</summary>
    public IReadOnlyList<Problem> Problems { get; }

    /// <summary>Whether there is a value.</summary>
    [MemberNotNullWhen(true, nameof(Value))]
    public bool IsOk => Value is not null && Problems.All(p => p.Severity != Severity.Error);

    /// <summary>A value, perhaps with warnings.</summary>
    public static Result<T> Ok(T value, IReadOnlyList<Problem>? warnings = null) => new(value, warnings ?? []);

    /// <summary>No value, because of these problems (at least one).</summary>
    public static Result<T> Refused(params IReadOnlyList<Problem> problems) => new(default, problems);

    /// <summary>The value, where a refusal would be a fault of the program and not of its input.</summary>
    public T OrThrow() => IsOk ? Value : throw new InvalidOperationException(string.Join(" ", Problems));
}
