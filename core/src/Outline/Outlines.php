<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

use Closure;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Outline\Kinds\BoringOutlines;
use JackRest\Core\Outline\Kinds\EdgeToolOutlines;
use JackRest\Core\Outline\Kinds\HoldingOutlines;
use JackRest\Core\Outline\Kinds\LayoutOutlines;
use JackRest\Core\Outline\Kinds\PlaneOutlines;
use JackRest\Core\Outline\Kinds\SawOutlines;
use JackRest\Core\Outline\Kinds\ShapingOutlines;
use JackRest\Core\Outline\Kinds\SharpeningOutlines;
use JackRest\Core\Outline\Kinds\WoodenPlaneOutlines;
use JackRest\Core\Tool\ToolKinds;

/** The outline of each form of tool. A new one is a function in the class of its subject. */
final class Outlines
{
    /** @return array<string, Closure(OutlineSizes): Outline> by form */
    public static function all(): array
    {
        /** @var array<string, Closure(OutlineSizes): Outline>|null $forms */
        static $forms = null;

        return $forms ??= [
            ...PlaneOutlines::forms(),
            ...WoodenPlaneOutlines::forms(),
            ...SawOutlines::forms(),
            ...EdgeToolOutlines::forms(),
            ...LayoutOutlines::forms(),
            ...HoldingOutlines::forms(),
            ...SharpeningOutlines::forms(),
            ...BoringOutlines::forms(),
            ...ShapingOutlines::forms(),
        ];
    }

    /**
     * @param  array<string, float>  $sizesMm  by dimension
     * @return Outline a plain box where the form is not known
     */
    public static function of(string $form, array $sizesMm): Outline
    {
        $size = new OutlineSizes($sizesMm);
        $draw = self::all()[$form] ?? null;
        if ($draw !== null) {
            return $draw($size)->enclosed();
        }
        [$width, $height] = [$size->of('length', 100), $size->of('width', 50)];

        return new Outline($width, $height, [Path::box(0, 0, $width, $height)]);
    }

    public static function ofTool(ToolAtHand $tool): Outline
    {
        return self::of(ToolKinds::named($tool->kind)->form, $tool->sizes());
    }
}
