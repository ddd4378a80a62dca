        @page { margin: 12mm 13mm; }
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 8.4pt; color: #000; margin: 0; }
        h1 { font-size: 1.8em; margin: 0; }
        h2 { font-size: 1.2em; margin: 0.9em 0 0.2em; border-bottom: 0.8pt solid #000; page-break-after: avoid; }
        p { margin: 0.15em 0; }
        table { width: 100%; border-collapse: collapse; }
        th, td { text-align: left; vertical-align: top; padding: 0.2em 0.5em 0.2em 0; border-bottom: 0.4pt solid #888; }
        .head td { border: 0; }
        .right { text-align: right; }
        .caution { border: 1.6pt solid #000; padding: 0.35em 0.7em; margin-top: 0.8em; }
