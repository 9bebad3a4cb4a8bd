# Packages Kestan for the machine it runs on. Sourced by ../kestan, which builds first.

packaging="$root/packaging"
packages="$root/target/package"

# What the application loads of the platform, as jdeps tells, and what it finds only by name: file systems in zips, elliptic curves for
# the connection to a server, and the languages dates are written in.
runtime_modules=java.base,java.desktop,java.logging,java.management,java.naming,java.net.http,java.prefs,java.scripting,java.security.jgss,java.security.sasl,java.sql,java.transaction.xa,java.xml,jdk.charsets,jdk.crypto.ec,jdk.localedata,jdk.unsupported,jdk.zipfs

release() { sed -n 's|^ *<version>\(.*\)</version>.*|\1|p' "$root/pom.xml" | head -n 1; }

# The time that all files get: that of the last change, so that the same sources come out the same.
epoch() { git -C "$root" log -1 --format=%ct 2>/dev/null || date +%s; }

platform() {
  case "$(uname -s)-$(uname -m)" in
    Linux-x86_64) echo Linux/x86_64 ;;
    Linux-aarch64) echo Linux/aarch64 ;;
    Darwin-arm64) echo Mac/aarch64 ;;
    Darwin-*) echo Mac/x86_64 ;;
    *) echo Windows/x86_64 ;;
  esac
}

# image DIR: everything that is needed to run, with a runtime of its own.
image() {
  local to=$1 jar
  rm -rf "$to"
  mkdir -p "$to/fx" "$to/prepared"
  "$JAVA_HOME/bin/java" "$packaging/Slim.java" "$app/lib" "$to/lib" "$(platform)" "$(epoch)"
  for jar in "$app"/fx/*.jar; do
    # The toolkit's jars come in pairs; the one without a platform in its name is empty.
    [ "$(wc -c <"$jar")" -gt 2000 ] && cp -p "$jar" "$to/fx/"
  done
  "$JAVA_HOME/bin/jlink" --add-modules "$runtime_modules" --include-locales=en --strip-java-debug-attributes --no-header-files --no-man-pages \
    --compress=2 --output "$to/runtime"
  # What every start would do anew is done once: the platform's own classes are laid out, the sample ledger is made.
  "$to/runtime/bin/java" -Xshare:dump >/dev/null 2>&1
  "$to/runtime/bin/java" -XX:TieredStopAtLevel=1 --module-path "$to/fx" --add-modules javafx.controls -cp "$to/lib/*" \
    org.kestan.desktop.StartupData "$to/prepared" >/dev/null 2>&1
  release >"$to/version"
  cp "$root/LICENSE" "$root/THIRD-PARTY-NOTICES.md" "$to/"
  bill_of_materials "$to/bom.json"
}

bill_of_materials() {
  maven -q org.cyclonedx:cyclonedx-maven-plugin:2.8.0:makeBom -pl desktop -DoutputFormat=json -DoutputName=bom -DincludeTestScope=false \
    -DincludeBomSerialNumber=false >/dev/null
  cp "$root/desktop/target/bom.json" "$1"
}

# Debian's packages whose libraries the image loads.
needed() {
  find "$1/runtime/lib" -name '*.so' -exec ldd {} + 2>/dev/null | awk '$3 ~ /^\// {print $3}' | sort -u | while read -r library; do
    dpkg -S "$(readlink -f "$library")" 2>/dev/null || dpkg -S "$library" 2>/dev/null || dpkg -S "${library#/usr}" 2>/dev/null || true
  done | sed 's/:.*//' | sort -u | paste -sd, | sed 's/,/, /g'
}

# commands DIR: man page and completion of the command line.
commands() {
  mkdir -p "$1/man/man1" "$1/bash-completion/completions"
  "$JAVA_HOME/bin/java" -cp "$app/lib/*" org.kestan.cli.ManPage | gzip -9n >"$1/man/man1/kestan.1.gz"
  "$JAVA_HOME/bin/java" -cp "$app/lib/*" picocli.AutoComplete -n kestan -f -o "$1/bash-completion/completions/kestan" org.kestan.cli.KestanCommand
}

# desktop_files DIR: what a desktop knows a program by.
desktop_files() {
  local size
  mkdir -p "$1/applications" "$1/mime/packages" "$1/icons/hicolor/scalable/apps"
  cp "$packaging/linux/kestan.desktop" "$1/applications/"
  cp "$packaging/linux/kestan-mime.xml" "$1/mime/packages/kestan.xml"
  cp "$packaging/icons/kestan.svg" "$1/icons/hicolor/scalable/apps/"
  for size in 16 32 48 64 128 256; do
    mkdir -p "$1/icons/hicolor/${size}x$size/apps"
    cp "$packaging/icons/kestan-$size.png" "$1/icons/hicolor/${size}x$size/apps/kestan.png"
  done
}

same_time() { find "$1" -print0 | xargs -0 touch -h -d "@$(epoch)"; }

package_linux() {
  local version name tree architecture
  version=$(release)
  name="kestan-$version-linux-$(uname -m)"
  tree="$packages/tree"
  image "$packages/image"
  rm -rf "$tree"
  mkdir -p "$tree/usr/lib" "$tree/usr/bin" "$tree/usr/share/doc/kestan" "$tree/DEBIAN"
  cp -r "$packages/image" "$tree/usr/lib/kestan"
  install -m 755 "$packaging/linux/kestan" "$tree/usr/bin/kestan"
  desktop_files "$tree/usr/share"
  commands "$tree/usr/share"
  mv "$tree/usr/lib/kestan/THIRD-PARTY-NOTICES.md" "$tree/usr/lib/kestan/bom.json" "$tree/usr/share/doc/kestan/"
  mv "$tree/usr/lib/kestan/LICENSE" "$tree/usr/share/doc/kestan/copyright"

  # The archive: the same, to be unpacked anywhere.
  rm -rf "${packages:?}/$name"
  mkdir -p "$packages/$name/bin" "$packages/$name/lib"
  cp -r "$packages/image" "$packages/$name/lib/kestan"
  install -m 755 "$packaging/linux/kestan" "$packages/$name/bin/kestan"
  cp -r "$tree/usr/share" "$packages/$name/share"
  same_time "$packages/$name"
  tar -C "$packages" --sort=name --owner=0 --group=0 --numeric-owner -cf - "$name" | gzip -9n >"$packages/$name.tar.gz"

  architecture=$(dpkg --print-architecture 2>/dev/null) || { say "$packages/$name.tar.gz"; return 0; }
  cat >"$tree/DEBIAN/control" <<CONTROL
Package: kestan
Version: $version
Architecture: $architecture
Maintainer: The maintainers of Kestan <maintainers@kestan.invalid>
Installed-Size: $(du -sk "$tree" | cut -f 1)
Depends: $(needed "$packages/image"), libgtk-3-0 | libgtk-3-0t64, libgl1, libxtst6, libxxf86vm1, fontconfig
Section: science
Priority: optional
Description: neck and action workbench for repair luthiers
 Measures, plans and proves repairs of acoustic and archtop instruments: neck
 angle, heel, action, bridge and saddle. Brings its own runtime.
CONTROL
  for script in postinst postrm; do
    install -m 755 "$packaging/linux/triggers" "$tree/DEBIAN/$script"
  done
  same_time "$tree"
  SOURCE_DATE_EPOCH=$(epoch) dpkg-deb --root-owner-group -Zxz --build "$tree" "$packages/kestan_${version}_$architecture.deb" >/dev/null
  rm -rf "$tree" "${packages:?}/$name"
  say "$packages/kestan_${version}_$architecture.deb"
  say "$packages/$name.tar.gz"
}

# Windows and macOS have a packager of their own in the JDK. Not run by the maintainers: they have neither machine.
package_elsewhere() {
  local type=$1 icon=$2
  shift 2
  image "$packages/image"
  mkdir -p "$packages/input"
  cp -r "$packages/image/lib/." "$packages/input/"
  cp -r "$packages/image/fx" "$packages/image/prepared" "$packages/input/"
  "$JAVA_HOME/bin/jpackage" --type "$type" --name Kestan --app-version "$(release | sed 's/^0/1/')" --vendor "The maintainers of Kestan" \
    --description "Neck and action workbench for repair luthiers" --license-file "$root/LICENSE" --icon "$packaging/icons/$icon" \
    --runtime-image "$packages/image/runtime" --input "$packages/input" --main-jar "$(basename "$packages"/input/kestan-desktop-*.jar)" \
    --main-class org.kestan.desktop.Launcher --java-options '--module-path=$APPDIR/fx' --java-options --add-modules=javafx.controls \
    --java-options '-Dkestan.prepared=$APPDIR/prepared' --java-options -XX:+UseSerialGC --java-options -XX:TieredStopAtLevel=1 \
    --java-options -Xmx384m --file-associations "$packaging/association.properties" --dest "$packages" "$@"
}

package() {
  build
  find_java
  case "$(uname -s)" in
    Linux) package_linux ;;
    Darwin) package_elsewhere dmg kestan.icns ;;
    *) package_elsewhere msi kestan.ico --win-menu --win-shortcut --win-per-user-install --win-upgrade-uuid 6f1c0b52-3f0e-4a55-9d63-2b0f6d9b7c41 ;;
  esac
}
