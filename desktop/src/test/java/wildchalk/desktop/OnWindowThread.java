package wildchalk.desktop;

import java.lang.reflect.Method;
import java.util.Optional;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.InvocationInterceptor;
import org.junit.jupiter.api.extension.ReflectiveInvocationContext;
import org.testfx.api.FxToolkit;

/**
 * Tests of what lives on the window's thread run on it, without a window: what is worked out beside it answers there,
 * never to a thread that is not there yet, and never in the middle of a test.
 */
public final class OnWindowThread implements InvocationInterceptor {

    @Override
    public void interceptBeforeEachMethod(
            Invocation<Void> invocation, ReflectiveInvocationContext<Method> method, ExtensionContext context)
            throws Throwable {
        run(invocation);
    }

    @Override
    public void interceptTestMethod(
            Invocation<Void> invocation, ReflectiveInvocationContext<Method> method, ExtensionContext context)
            throws Throwable {
        run(invocation);
    }

    private static void run(Invocation<Void> invocation) throws Throwable {
        FxToolkit.registerPrimaryStage();
        FutureTask<Optional<Throwable>> test = new FutureTask<>(() -> thrown(invocation));
        Platform.runLater(test);
        Optional<Throwable> thrown = test.get();
        if (thrown.isPresent()) {
            throw thrown.get();
        }
    }

    private static Optional<Throwable> thrown(Invocation<Void> invocation) {
        try {
            invocation.proceed();
            return Optional.empty();
        } catch (Throwable e) {
            return Optional.of(e);
        }
    }
}
