<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** What axe finds on the page as it stands (WCAG 2.2 AA and its best practice), on paper and in the locker theme. */
final class Axe
{
    /** @return list<string> */
    public static function finds(RemoteWebDriver $driver): array
    {
        $driver->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $found = $driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const found = (theme) => (result) => result.violations.map((v) => theme + v.id + ': ' + v.nodes.map((n) => n.html.slice(0, 200) + ' (' + n.failureSummary + ')').join(' ; '));
            const page = document.documentElement;
            const own = page.dataset.mantineColorScheme;
            (async () => {
                const onPaper = found('')(await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] }));
                // The other theme differs in nothing but its colours.
                page.dataset.mantineColorScheme = 'dark';
                document.getAnimations().forEach((animation) => animation.finish());
                const inTheLocker = found('in the locker theme ')(await axe.run(document, { runOnly: ['color-contrast'] }));
                page.dataset.mantineColorScheme = own;
                done([...onPaper, ...inTheLocker]);
            })();
            JS);

        return self::lines($found);
    }

    /**
     * Words of drawings that stand out less than 4.5 to 1 (3 to 1 where they are large) from what is drawn under them, in
     * either theme: axe measures no letters of drawings. WCAG 2.2, 1.4.3.
     *
     * @return list<string>
     */
    public static function paleWords(RemoteWebDriver $driver): array
    {
        return self::lines($driver->executeScript(<<<'JS'
            const page = document.documentElement;
            const canvas = new OffscreenCanvas(1, 1).getContext('2d', { willReadFrequently: true });
            const rgb = (colour) => {
                canvas.clearRect(0, 0, 1, 1);
                canvas.fillStyle = colour;
                canvas.fillRect(0, 0, 1, 1);
                return [...canvas.getImageData(0, 0, 1, 1).data];
            };
            const luminance = (colour) => {
                const [red, green, blue] = colour.slice(0, 3).map((part) => (part / 255 <= 0.04045 ? part / 255 / 12.92 : ((part / 255 + 0.055) / 1.055) ** 2.4));
                return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
            };
            const contrast = (one, other) => {
                const [high, low] = [luminance(one), luminance(other)].sort((a, b) => b - a);
                return (high + 0.05) / (low + 0.05);
            };
            const groundOf = (text) => {
                const edge = getComputedStyle(text);
                if (edge.paintOrder.startsWith('stroke') && edge.stroke !== 'none') {
                    return rgb(edge.stroke);
                }
                const box = text.getBoundingClientRect();
                let ground = null;
                for (let holder = text; ground === null && holder !== null; holder = holder.parentElement) {
                    const colour = rgb(getComputedStyle(holder).backgroundColor);
                    ground = colour[3] === 255 ? colour : null;
                }
                let whole = text.ownerSVGElement;
                while (whole.ownerSVGElement !== null) {
                    whole = whole.ownerSVGElement;
                }
                for (const shape of whole.querySelectorAll('rect, circle, path')) {
                    const style = getComputedStyle(shape);
                    if ((text.compareDocumentPosition(shape) & Node.DOCUMENT_POSITION_PRECEDING) === 0 || style.fill === 'none' || style.fill.startsWith('url') || shape.closest('defs, pattern') !== null || parseFloat(style.fillOpacity) < 1) {
                        continue;
                    }
                    const at = new DOMPoint(box.left + box.width / 2, box.top + box.height / 2).matrixTransform(shape.getScreenCTM().inverse());
                    if (shape.isPointInFill(at)) {
                        ground = rgb(style.fill);
                    }
                }
                return ground ?? rgb('white');
            };
            const own = page.dataset.mantineColorScheme;
            const found = [];
            for (const [theme, scheme] of [['', 'light'], ['in the locker theme ', 'dark']]) {
                page.dataset.mantineColorScheme = scheme;
                document.getAnimations().forEach((animation) => animation.finish());
                for (const text of document.querySelectorAll('svg text')) {
                    const box = text.getBoundingClientRect();
                    if (text.textContent.trim() === '' || box.width === 0 || !text.checkVisibility({ opacityProperty: true, visibilityProperty: true })) {
                        continue;
                    }
                    const style = getComputedStyle(text);
                    const size = parseFloat(style.fontSize) * Math.abs(text.getScreenCTM().a);
                    const ratio = contrast(rgb(style.fill), groundOf(text));
                    if (ratio < (size >= 24 || (size >= 18.66 && parseInt(style.fontWeight, 10) >= 700) ? 3 : 4.5)) {
                        found.push(`${theme}“${text.textContent.slice(0, 40)}” stands out ${ratio.toFixed(1)} to 1`);
                    }
                }
            }
            page.dataset.mantineColorScheme = own;
            return found;
            JS));
    }

    /** @return list<string> */
    private static function lines(mixed $found): array
    {
        return is_array($found) ? array_values(array_map(static fn (mixed $line): string => is_scalar($line) ? (string) $line : '', $found)) : throw new \LogicException('The page said nothing.');
    }
}
