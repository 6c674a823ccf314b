<?php

declare(strict_types=1);

namespace App\Photo;

use App\Http\NoRoom;
use GdImage;
use Illuminate\Support\Str;
use JackRest\Core\Calculation\InvalidInput;

/**
 * A photograph as it is kept: checked to be one, shrunk, and drawn anew, so that nothing the camera wrote into it –
 * place, time, owner – is left.
 */
final readonly class PhotoFile
{
    private const LONGEST_PX = 1280;

    /** Four bytes each while it is drawn; larger ones would fill the memory (512 MB). */
    private const MOST_PX = 50_000_000;

    private const QUALITY = 82;

    private function __construct(public string $name, public int $width, public int $height)
    {
    }

    /**
     * @throws InvalidInput when the file is no picture
     * @throws NoRoom when the disk does not take it
     */
    public static function keep(string $path): self
    {
        $size = @getimagesize($path);
        if (
            $size === false ||
            ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)
        ) {
            throw InvalidInput::because(
                'photo',
                'That is no picture. Take a photograph, or choose a JPEG, PNG or WebP file.',
            );
        }
        if ($size[0] * $size[1] > self::MOST_PX) {
            throw InvalidInput::because('photo', 'That picture has over 50 million pixels. Make it smaller first.');
        }
        $picture = @imagecreatefromstring((string) file_get_contents($path));
        if ($picture === false) {
            throw InvalidInput::because('photo', 'That picture is damaged. Take it again.');
        }
        $small = self::upright(self::shrunk($picture), $path, $size[2]);
        $name = Str::lower((string) Str::ulid()).'.jpg';
        self::write($small, self::folder()."/$name");

        return new self($name, imagesx($small), imagesy($small));
    }

    /** Drawn in memory first: what the disk takes of it is then known to the byte. */
    private static function write(GdImage $picture, string $path): void
    {
        ob_start();
        imagejpeg($picture, null, self::QUALITY);
        $bytes = (string) ob_get_clean();
        @mkdir(dirname($path), 0o700, true);
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            @unlink($path);

            throw NoRoom::for($path);
        }
    }

    /** It was drawn, and found no place. */
    public function discard(): void
    {
        @unlink(self::folder()."/{$this->name}");
    }

    public static function folder(): string
    {
        return storage_path('photos');
    }

    /** A phone writes how it was held beside the picture; drawn anew it must stand upright by itself. */
    private static function upright(GdImage $picture, string $path, int $type): GdImage
    {
        $turn =
            [3 => 180, 6 => -90, 8 => 90][
                $type === IMAGETYPE_JPEG ? self::orientation((string) file_get_contents($path, length: 65536)) : 1
            ] ?? 0;
        $turned = $turn === 0 ? $picture : imagerotate($picture, $turn, 0);

        return $turned === false ? $picture : $turned;
    }

    /** Orientation from the Exif block (JEITA CP-3451, tag 0x0112), 1 where there is none. */
    public static function orientation(string $head): int
    {
        $at = strpos($head, "Exif\0\0");
        if ($at === false) {
            return 1;
        }
        $tiff = substr($head, $at + 6);
        [$short, $long] = str_starts_with($tiff, 'MM') ? ['n', 'N'] : ['v', 'V'];
        $number = static fn (string $kind, int $from): int => strlen($tiff) >= $from + ($kind === $short ? 2 : 4)
            ? self::unpacked($kind, $tiff, $from)
            : 0;
        $directory = $number($long, 4);
        for ($entry = 0, $count = min(64, $number($short, $directory)); $entry < $count; $entry++) {
            $from = $directory + 2 + 12 * $entry;
            if ($number($short, $from) === 0x0112) {
                return $number($short, $from + 8);
            }
        }

        return 1;
    }

    private static function shrunk(GdImage $picture): GdImage
    {
        $longest = max(imagesx($picture), imagesy($picture));
        $ratio = min(1.0, self::LONGEST_PX / $longest);
        [$width, $height] = [
            max(1, (int) round(imagesx($picture) * $ratio)),
            max(1, (int) round(imagesy($picture) * $ratio)),
        ];
        $small = imagecreatetruecolor($width, $height);
        // What is clear in a PNG becomes paper.
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $picture, 0, 0, 0, 0, $width, $height, imagesx($picture), imagesy($picture));

        return $small;
    }

    private static function unpacked(string $kind, string $bytes, int $from): int
    {
        $number = unpack($kind, $bytes, $from)[1] ?? 0;

        return is_int($number) ? $number : 0;
    }
}
