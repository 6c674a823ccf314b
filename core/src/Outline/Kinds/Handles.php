<?php

declare(strict_types=1);

namespace JackRest\Core\Outline\Kinds;

use JackRest\Core\Outline\Material;
use JackRest\Core\Outline\Path;
use JackRest\Core\Outline\Pen;

/** What a hand holds: the same curves on every tool that has them. Their proportions are common practice. */
final class Handles
{
    /** A closed saw handle with its hole; the plate goes into its right side. */
    public static function closedGrip(float $x, float $y, float $size): Path
    {
        $hole = Pen::in($size, $size, $x, $y)
            ->to(0.67, 0.31)
            ->curve(0.58, 0.25, 0.5, 0.26, 0.44, 0.33)
            ->curve(0.34, 0.45, 0.28, 0.58, 0.26, 0.7)
            ->curve(0.26, 0.77, 0.31, 0.78, 0.37, 0.77)
            ->curve(0.46, 0.73, 0.56, 0.73, 0.63, 0.7)
            ->curve(0.69, 0.64, 0.72, 0.42, 0.67, 0.31);

        return Pen::in($size, $size, $x, $y)
            ->to(0.97, 0.2)
            ->curve(0.86, 0.2, 0.76, 0.17, 0.67, 0.14)
            ->curve(0.56, 0.1, 0.46, 0.02, 0.36, 0)
            ->curve(0.3, 0, 0.28, 0.05, 0.32, 0.09)
            ->curve(0.37, 0.14, 0.35, 0.2, 0.29, 0.25)
            ->curve(0.17, 0.37, 0.09, 0.6, 0.07, 0.78)
            ->curve(0.06, 0.85, 0, 0.87, 0.02, 0.93)
            ->curve(0.05, 1, 0.15, 1, 0.22, 0.96)
            ->curve(0.34, 0.9, 0.42, 0.87, 0.52, 0.87)
            ->curve(0.66, 0.87, 0.82, 0.86, 0.97, 0.78)
            ->curve(1, 0.6, 1, 0.38, 0.97, 0.2)
            ->closed(Material::Wood)
            ->without($hole->closed(Material::Wood));
    }

    /** An open saw handle, as small saws have it. */
    public static function openGrip(float $x, float $y, float $size): Path
    {
        return Pen::in($size, $size, $x, $y)
            ->to(0.97, 0.17)
            ->curve(0.84, 0.16, 0.73, 0.13, 0.63, 0.1)
            ->curve(0.53, 0.06, 0.45, 0, 0.37, 0)
            ->curve(0.31, 0, 0.3, 0.06, 0.34, 0.1)
            ->curve(0.39, 0.16, 0.37, 0.22, 0.32, 0.28)
            ->curve(0.2, 0.43, 0.13, 0.62, 0.08, 0.82)
            ->curve(0.05, 0.94, 0.12, 1, 0.21, 1)
            ->curve(0.29, 1, 0.35, 0.95, 0.37, 0.88)
            ->curve(0.41, 0.74, 0.47, 0.62, 0.57, 0.55)
            ->curve(0.63, 0.58, 0.66, 0.66, 0.74, 0.68)
            ->curve(0.84, 0.7, 0.92, 0.68, 0.97, 0.62)
            ->curve(1, 0.5, 1, 0.3, 0.97, 0.17)
            ->closed(Material::Wood);
    }

    /** The handle behind the iron of a plane, its foot along the bottom of its box. */
    public static function tote(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0.1, 1)
            ->curve(0.12, 0.92, 0.34, 0.8, 0.36, 0.58)
            ->curve(0.36, 0.42, 0.2, 0.36, 0.12, 0.28)
            ->curve(0.02, 0.16, 0.14, 0.06, 0.34, 0.08)
            ->curve(0.56, 0.1, 0.64, 0.02, 0.8, 0)
            ->curve(0.94, 0, 0.94, 0.1, 0.86, 0.16)
            ->curve(0.74, 0.24, 0.72, 0.34, 0.74, 0.46)
            ->curve(0.78, 0.68, 0.9, 0.86, 1, 1)
            ->closed(Material::Wood);
    }

    /** A turned knob, its foot along the bottom of its box. */
    public static function knob(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0.22, 1)
            ->curve(0.24, 0.88, 0.34, 0.78, 0.34, 0.66)
            ->curve(0.12, 0.6, 0, 0.48, 0, 0.3)
            ->curve(0, 0.1, 0.22, 0, 0.5, 0)
            ->curve(0.78, 0, 1, 0.1, 1, 0.3)
            ->curve(1, 0.48, 0.88, 0.6, 0.66, 0.66)
            ->curve(0.66, 0.78, 0.76, 0.88, 0.78, 1)
            ->closed(Material::Wood);
    }

    /** A turned handle, its end at the top, its tool below. */
    public static function turned(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0.1, 0.06)
            ->curve(0.2, 0, 0.8, 0, 0.9, 0.06)
            ->curve(0.98, 0.16, 1, 0.3, 1, 0.45)
            ->curve(1, 0.68, 0.84, 0.82, 0.8, 1)
            ->to(0.2, 1)
            ->curve(0.16, 0.82, 0, 0.68, 0, 0.45)
            ->curve(0, 0.3, 0.02, 0.16, 0.1, 0.06)
            ->closed(Material::Wood);
    }

    /** The same on its side, its end to the left. */
    public static function lying(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0.06, 0.1)
            ->curve(0.16, 0.02, 0.3, 0, 0.45, 0)
            ->curve(0.68, 0, 0.82, 0.16, 1, 0.2)
            ->to(1, 0.8)
            ->curve(0.82, 0.84, 0.68, 1, 0.45, 1)
            ->curve(0.3, 1, 0.16, 0.98, 0.06, 0.9)
            ->curve(0, 0.8, 0, 0.2, 0.06, 0.1)
            ->closed(Material::Wood);
    }

    /** A shaft for striking, thicker where the hand holds it. */
    public static function shaft(float $x, float $y, float $width, float $height): Path
    {
        return Pen::in($width, $height, $x, $y)
            ->to(0.22, 0)
            ->to(0.78, 0)
            ->curve(0.74, 0.3, 0.8, 0.5, 0.94, 0.68)
            ->curve(1, 0.8, 1, 0.92, 0.9, 1)
            ->to(0.1, 1)
            ->curve(0, 0.92, 0, 0.8, 0.06, 0.68)
            ->curve(0.2, 0.5, 0.26, 0.3, 0.22, 0)
            ->closed(Material::Wood);
    }
}
