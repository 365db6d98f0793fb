package app.brightkeel.server.demo;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.server.store.RigStore;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** Puts the invented rigs on an empty shelf, before anybody is answered: nobody sees it empty. */
@Component
@ConditionalOnBooleanProperty("keel.demo")
class DemoData implements SmartInitializingSingleton {

    private final RigStore store;

    DemoData(RigStore store) {
        this.store = store;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (store.heads().isEmpty()) {
            DemoRigs.all().forEach(store::create);
        }
    }
}
