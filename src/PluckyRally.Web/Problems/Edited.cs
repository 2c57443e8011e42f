using PluckyRally.Core.Documents;
using PluckyRally.Core.Problems;

namespace PluckyRally.Web.Problems;

/// <summary>
/// Something that was changed, with what it was changed from: where another window has changed it meanwhile, it is not
/// what it was, and nothing is overwritten.
/// </summary>
/// <param name="Was">As it was when the change was begun.</param>
/// <param name="Now">As it is to be.</param>
public sealed record Edited<T>(T Was, T Now)
    where T : class
{
    /// <summary>Understands what was sent.</summary>
    internal static Result<Edited<T>> Read(SentJson sent)
    {
        var request = DocumentReader.Request<Edited<T>>(sent.Text);
        if (!request.IsOk)
            return Result<Edited<T>>.Refused(request.Problems);

        // Of a type that stands for any, the reader does not know that it cannot be absent.
        var edited = request.Value.Value;
        return edited is { Was: not null, Now: not null }
            ? Result<Edited<T>>.Ok(edited)
            : Result<Edited<T>>.Refused([
                new(
                    edited.Was is null ? "/was" : "/now",
                    "Half of the change is not there.",
                    "Send what it was changed from as was, and what it is to be as now."
                ),
            ]);
    }
}
