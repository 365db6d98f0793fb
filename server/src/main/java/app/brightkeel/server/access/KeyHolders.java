package app.brightkeel.server.access;

import app.brightkeel.server.DataDirectory;
import java.io.IOException;
import java.io.Serializable;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.stereotype.Component;

/**
 * Who may ask: everyone where only this machine can, else who gave the passphrase that is set now. A new passphrase ends
 * what was opened with the one before, also when it is set while the program runs.
 */
@Component
class KeyHolders implements AuthorizationManager<RequestAuthorizationContext> {

    /** @param hash of the passphrase that opened */
    private record Key(String hash) implements Serializable {}

    private final Listening listening;
    private final Path passphrase;

    KeyHolders(Listening listening, @Value("${keel.data}") Path data) {
        this.listening = listening;
        this.passphrase = DataDirectory.passphrase(data);
    }

    @Override
    public AuthorizationDecision authorize(
            Supplier<? extends @Nullable Authentication> who, RequestAuthorizationContext asked) {
        return new AuthorizationDecision(open(who.get()));
    }

    boolean open(@Nullable Authentication who) {
        return !listening.wide()
                || who != null
                        && who.getPrincipal() instanceof Key key
                        && key.hash().equals(hash());
    }

    /** Who gave the passphrase, as it is kept in a session; null where it is not the passphrase. */
    @Nullable
    Authentication enter(String phrase) {
        String now = hash();
        return Passphrase.matches(now, phrase)
                ? new PreAuthenticatedAuthenticationToken(new Key(now), "", List.of())
                : null;
    }

    private String hash() {
        try {
            return Passphrase.read(passphrase);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
