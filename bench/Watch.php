<?php

declare(strict_types=1);

namespace Bench;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Counts, in a page, from a key's input event to a part of it having changed and been painted. */
final class Watch
{
    private const SCRIPT = <<<'JS'
    window.took = [];
    let pressed = 0;
    addEventListener('input', () => { pressed = performance.now() }, true);
    new MutationObserver(() => {
      if (!pressed) return;
      const since = pressed;
      pressed = 0;
      requestAnimationFrame(() => {
        // What is posted from a frame comes after that frame was laid out and painted.
        const painted = new MessageChannel();
        painted.port1.onmessage = () => window.took.push(performance.now() - since);
        painted.port2.postMessage(0);
      });
    }).observe(document.querySelector(arguments[0]),
        {subtree: true, childList: true, attributes: true, characterData: true});
    JS;

    /** @param  string  $part  CSS selector of what is watched */
    public static function begin(RemoteWebDriver $browser, string $part): void
    {
        $browser->executeScript(self::SCRIPT, [$part]);
    }

    /** @return list<float> milliseconds, key by key */
    public static function took(RemoteWebDriver $browser): array
    {
        /** @var list<float> $took */
        $took = $browser->executeScript('return window.took');

        return array_map(floatval(...), $took);
    }
}
