package org.kestan.devices.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PictureReadTest {

    private static final int WIDTH = 80;
    private static final int HEIGHT = 48;

    private Path folder;

    @BeforeClass
    public void folder() throws IOException {
        folder = Files.createTempDirectory("kestan-pictures-");
    }

    @AfterClass
    public void clear() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path each : files.toList()) {
                Files.delete(each);
            }
        }
        Files.delete(folder);
    }

    /** A picture with a bright top left corner whose file says how the camera was held (EXIF 2.3, tag 0x0112). */
    private static byte[] held(int turn) throws IOException {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = image.createGraphics();
        draw.setColor(Color.WHITE);
        draw.fillRect(0, 0, WIDTH / 4, HEIGHT / 4);
        draw.dispose();
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", plain);
        byte[] jpeg = plain.toByteArray();
        ByteBuffer said = ByteBuffer.allocate(36);
        said.putShort((short) 0xFFE1)
                .putShort((short) 34)
                .put("Exif\0\0".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        said.put(new byte[] {'M', 'M', 0, 42}).putInt(8).putShort((short) 1);
        said.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) turn)
                .putShort((short) 0);
        said.putInt(0);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.write(said.array());
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    /** Where the bright corner has to be: right of the middle, below it. */
    @DataProvider
    static Object[][] turns() {
        return new Object[][] {
            {1, false, false, false}, {2, false, true, false}, {3, false, true, true}, {4, false, false, true},
            {5, true, false, false}, {6, true, true, false}, {7, true, true, true}, {8, true, false, true},
        };
    }

    @Test(dataProvider = "turns")
    public void aPictureIsTurnedAsItWasHeld(int turn, boolean lies, boolean right, boolean below) throws Exception {
        PictureRead read = PictureRead.of(Files.write(folder.resolve("turn-" + turn + ".jpg"), held(turn)));
        BufferedImage image = read.image();
        assertThat(image.getWidth()).isEqualTo(lies ? HEIGHT : WIDTH);
        GrayPicture gray = GrayPicture.of(image);
        double x = right ? image.getWidth() - 4 : 3;
        double y = below ? image.getHeight() - 4 : 3;
        assertThat(gray.at(x, y)).isGreaterThan(200);
        assertThat(gray.at(image.getWidth() - 1 - x, image.getHeight() - 1 - y)).isLessThan(50);
    }

    @Test
    public void brightnessBetweenPixelsIsLinear() {
        GrayPicture gray = new GrayPicture(2, 2, new byte[] {0, 100, (byte) 200, (byte) 250});
        assertThat(gray.at(0.5, 0)).isCloseTo(50, within(1e-9));
        assertThat(gray.at(0, 0.25)).isCloseTo(50, within(1e-9));
        assertThat(gray.at(1, 1)).isCloseTo(250, within(1e-9));
        assertThat(gray.at(-7, 9)).isCloseTo(200, within(1e-9));
    }

    @Test
    public void whatIsNoPictureIsSaid() throws IOException {
        trouble(Files.writeString(folder.resolve("text.jpg"), "no picture"), PictureRead.Trouble.NO_PICTURE);
        byte[] whole = held(1);
        trouble(
                Files.write(folder.resolve("cut.jpg"), java.util.Arrays.copyOf(whole, 40)),
                PictureRead.Trouble.NO_PICTURE);
        trouble(folder.resolve("none.jpg"), PictureRead.Trouble.NOT_READ);
        trouble(Files.write(folder.resolve("huge.png"), hugePng()), PictureRead.Trouble.TOO_LARGE);
    }

    /** The head of a picture of 20,000 by 20,000. */
    private static byte[] hugePng() {
        ByteBuffer head = ByteBuffer.allocate(25);
        head.putInt(13)
                .put(new byte[] {'I', 'H', 'D', 'R'})
                .putInt(20_000)
                .putInt(20_000)
                .put(new byte[] {8, 0, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(head.array(), 4, 17);
        head.putInt((int) sum.getValue());
        ByteBuffer all = ByteBuffer.allocate(33);
        all.put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10}).put(head.array());
        return all.array();
    }

    private static void trouble(Path file, PictureRead.Trouble why) {
        assertThatThrownBy(() -> PictureRead.of(file))
                .isInstanceOfSatisfying(
                        PictureRead.Failed.class,
                        failed -> assertThat(failed.trouble()).isEqualTo(why));
    }
}
