using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Keeping;

/// <summary>
/// While a backup is put in place nothing is changed. Devices keep what they have and send it when the server is back.
/// </summary>
internal static class NoChanges
{
    public static void UseNoChangesWhileRestoring(this WebApplication app, CopyRestoring restoring) =>
        app.Use(
            async (context, next) =>
            {
                if (HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method))
                {
                    await next(context);
                    return;
                }

                if (!restoring.Enter())
                {
                    await RefusalWriter.Write(
                        context,
                        new Refusal
                        {
                            Status = StatusCodes.Status503ServiceUnavailable,
                            Title = "A backup is being restored.",
                            Detail =
                                "Nothing is recorded for a moment. What you record waits on this device and is sent "
                                + "when Plucky Rally is back.",
                        }
                    );
                    return;
                }

                try
                {
                    await next(context);
                }
                finally
                {
                    restoring.Leave();
                }
            }
        );
}
