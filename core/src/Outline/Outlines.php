<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

use Closure;
use JackRest\Core\Kit\Tool;
use JackRest\Core\Kit\ToolKinds;
use JackRest\Core\Outline\Forms\Boring;
use JackRest\Core\Outline\Forms\EdgeTools;
use JackRest\Core\Outline\Forms\Holding;
use JackRest\Core\Outline\Forms\Layout;
use JackRest\Core\Outline\Forms\Planes;
use JackRest\Core\Outline\Forms\Saws;
use JackRest\Core\Outline\Forms\Shaping;
use JackRest\Core\Outline\Forms\Sharpening;

/** The outline of each form of tool. A new one is a function in the class of its subject. */
final class Outlines
{
    /** @return array<string, Closure(Sizes): Outline> by form */
    public static function all(): array
    {
        /** @var array<string, Closure(Sizes): Outline>|null $forms */
        static $forms = null;

        return $forms ??= [...Planes::forms(), ...Saws::forms(), ...EdgeTools::forms(), ...Layout::forms(), ...Holding::forms(), ...Sharpening::forms(), ...Boring::forms(), ...Shaping::forms()];
    }

    /**
     * @param  array<string, float>  $sizesMm  by dimension
     * @return Outline a plain box where the form is not known
     */
    public static function of(string $form, array $sizesMm): Outline
    {
        $size = new Sizes($sizesMm);
        $draw = self::all()[$form] ?? null;
        if ($draw !== null) {
            return $draw($size);
        }
        [$width, $height] = [$size->of('length', 100), $size->of('width', 50)];

        return new Outline($width, $height, [Path::box(0, 0, $width, $height)]);
    }

    public static function ofTool(Tool $tool): Outline
    {
        return self::of(ToolKinds::named($tool->kind)->form, $tool->sizes());
    }
}
