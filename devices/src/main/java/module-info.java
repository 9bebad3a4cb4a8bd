/** Readings from pictures, sound and serial gauges, and stand-ins for each. */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module org.kestan.devices {
    requires com.fazecast.jSerialComm;
    requires transitive java.desktop;
    requires JTransforms;
    requires metadata.extractor;
    requires transitive org.kestan.core;

    exports org.kestan.devices.folder;
    exports org.kestan.devices.picture;
    exports org.kestan.devices.serial;
    exports org.kestan.devices.sound;
    exports org.kestan.devices.standin;
}
