package app.brightkeel.server.demo;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.server.store.RigStore;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** Puts the invented rigs on an empty shelf. */
@Component
@ConditionalOnBooleanProperty("keel.demo")
class DemoData implements ApplicationRunner {

    private final RigStore store;

    DemoData(RigStore store) {
        this.store = store;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (store.heads().isEmpty()) {
            DemoRigs.all().forEach(store::create);
        }
    }
}
