<#function licenses names>
    <#local text = "">
    <#list names as name>
        <#local text = text + (text?has_content)?then(", ", "") + name>
    </#list>
    <#return text>
</#function>
# Third-party notices

Made from the dependency tree by `./kestan notices`; a test holds this file to it.

Shipped inside the application:

| what | license | where |
| --- | --- | --- |
| Atkinson Hyperlegible Next, Atkinson Hyperlegible Mono (fonts), © the Atkinson Hyperlegible Next and Mono Project Authors | SIL Open Font License 1.1 | `files/src/main/resources/org/kestan/fonts/`, with `OFL.txt` |
| Feather icons, through Ikonli | MIT (icons), Apache-2.0 (Ikonli) | library `ikonli-feather-pack` |
| SQLite, inside SQLite JDBC | public domain | library `sqlite-jdbc` |

Libraries the application runs on, each with its license in its own archive:

| library | version | license |
| --- | --- | --- |
<#list dependencyMap as entry>
<#assign project = entry.getKey()/>
<#if project.groupId != "org.kestan">
| `${project.groupId}:${project.artifactId}` | ${project.version} | ${licenses(entry.getValue())} |
</#if>
</#list>
